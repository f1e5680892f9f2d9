<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody at a desk sets their own PIN. */
final class OwnPinRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['new_pin' => 'required|string|max:20', 'password' => 'required|string|max:200'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['new_pin.*' => 'Choose a PIN of 6 to 12 digits.', 'password.required' => 'Write your own password once more.'];
    }
}
