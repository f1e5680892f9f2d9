<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** What is left of a lot. */
final class CountLotRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['quantity' => ['required', 'string', 'regex:/^\d{1,9}(\.\d{1,3})?$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['quantity.required' => 'Say how much is left.', 'quantity.regex' => 'A number from 0 up is wanted, with a point.'];
    }
}
