<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** Free lengths, to be paired. */
final class PairingRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['lengths' => 'required|array|min:2|max:100', 'lengths.*.name' => 'required|string|max:20|distinct', 'lengths.*.length' => 'required|string|max:20'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lengths.min' => 'At least two fasteners are paired.', 'lengths.*.name.distinct' => 'Each fastener has a name of its own.'];
    }
}
