<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** A head or a short block gets a number of its own. */
final class OpenSubassemblyRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['family' => 'required|string|max:12', 'kind' => 'required|string|max:40', 'serial' => 'required|string|max:40', 'customer' => 'nullable|string|max:36'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['family.required' => 'Choose the family whose engines it fits.', 'kind.required' => 'Say what it is: a head, a short block.', 'serial.required' => 'Give it a number of its own: what is stamped on it, or a tag.', 'serial.max' => 'A number has at most 40 characters.'];
    }
}
