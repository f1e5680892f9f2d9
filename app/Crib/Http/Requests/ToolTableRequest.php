<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** Tools as a table. */
final class ToolTableRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['csv' => 'required|string|max:400000'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv.required' => 'The table is empty.', 'csv.max' => 'The table has more than 400 000 characters.'];
    }
}
