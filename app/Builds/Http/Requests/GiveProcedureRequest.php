<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** A procedure is given to an assembler for one engine. */
final class GiveProcedureRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['joint' => 'required|string|max:36', 'person' => 'required|string|max:36', 'procedure' => 'nullable|string|max:36'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['person.required' => 'Choose the assembler who gets it.'];
    }
}
