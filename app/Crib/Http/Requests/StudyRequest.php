<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** A study of a gauge, as a table. */
final class StudyRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => 'required|string|max:100000', 'window' => 'nullable|string|max:40'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'The table is empty.', 'text.max' => 'The table has more than 100 000 characters.'];
    }
}
