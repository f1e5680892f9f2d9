<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** How long a tool may go. */
final class IntervalRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['months' => 'required|integer|min:1|max:60'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['months.required' => 'Say how many months.', 'months.min' => 'An interval has at least 1 month.', 'months.max' => 'An interval has at most 60 months.'];
    }

    public function months(): int
    {
        return (int) $this->integer('months');
    }
}
