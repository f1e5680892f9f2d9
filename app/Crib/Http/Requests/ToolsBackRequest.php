<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** Tools that come back together. */
final class ToolsBackRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['tools' => 'required|array|min:1|max:200', 'tools.*' => 'string|max:36'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tools.required' => 'Choose the tools that are back.'];
    }

    /** @return list<string> */
    public function tools(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('tools')));
    }
}
