<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** An engine comes in. */
final class OpenBuildRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['serial' => 'required|string|max:40', 'customer' => 'required|string|max:36', 'next_build' => 'boolean'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'serial.required' => 'Write or scan the serial number.', 'serial.max' => 'A serial number has at most 40 characters.', 'customer.required' => 'Choose the customer whose engine it is.',
        ];
    }
}
