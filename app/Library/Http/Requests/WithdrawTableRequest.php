<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A general table serves no more. */
final class WithdrawTableRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['why' => 'required|string|max:400'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['why.required' => 'Say why it is withdrawn.'];
    }
}
