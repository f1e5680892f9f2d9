<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** Many engines as a table. */
final class BuildTableRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => 'required|string|max:200000', 'customer' => 'nullable|string|max:80', 'waits' => 'boolean'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'The table is empty.', 'text.max' => 'The table has more than 200 000 characters.'];
    }
}
