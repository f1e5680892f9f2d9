<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\ToolFields;
use App\People\Http\PersonRequest;
use Tekkal\Core\Tool\ToolRecord;

/** What is said of a tool, set right. */
final class ChangeToolRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['fields' => 'required|array:'.RegisterToolsRequest::FIELDS, 'fields.*' => 'nullable|string|max:120'];
    }

    public function record(): ToolRecord
    {
        return ToolFields::read((array) $this->validated('fields'));
    }
}
