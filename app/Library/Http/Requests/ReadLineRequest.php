<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;

/** A tightening line as it was typed. */
final class ReadLineRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['line' => 'required|string|max:400', 'groups' => 'required|array|min:1', 'groups.*' => 'string|max:80'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line.required' => 'Type a line, such as 15 lbf·ft · +80°.', 'groups.required' => 'Draw the fasteners first; the line speaks of their groups.'];
    }

    private const MOST_GROUPS = 200;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['groups' => self::MOST_GROUPS]);
    }
}
