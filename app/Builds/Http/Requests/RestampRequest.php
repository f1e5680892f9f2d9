<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** An engine’s number was stamped anew. */
final class RestampRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['serial' => 'required|string|max:40', 'why' => 'nullable|string|max:120'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serial.required' => 'Write the number that stands on it now.', 'serial.max' => 'A serial number has at most 40 characters.', 'why.max' => 'Say why in at most 120 signs.'];
    }
}
