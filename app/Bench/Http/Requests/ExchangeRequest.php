<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\Bench\Actions\ExchangeSubassembly;
use App\People\Http\PersonRequest;

/** What goes in, and why the other one comes off. */
final class ExchangeRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['fit' => 'nullable|string|max:36', 'serial' => 'nullable|string|max:40', 'why' => 'nullable|string|max:'.ExchangeSubassembly::LONGEST_WHY];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serial.max' => 'A number has at most 40 characters.', 'why.max' => sprintf('Why it comes off is said in at most %d characters.', ExchangeSubassembly::LONGEST_WHY)];
    }
}
