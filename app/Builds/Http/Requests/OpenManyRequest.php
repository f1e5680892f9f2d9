<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Builds\Opening;
use App\Builds\Queries\BuildTable;
use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;
use LogicException;

/** Many engines come in, each as the fields of its row. */
final class OpenManyRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['engines' => 'required|array|min:1', 'engines.*' => 'required|array:'.implode(',', [...BuildTable::COLUMNS, 'waits']), 'engines.*.*' => 'nullable|string|max:400'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['engines.required' => 'There is no engine in it.'];
    }

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['engines' => BuildTable::MOST]);
    }

    /** @return non-empty-list<Opening> */
    public function openings(): array
    {
        $openings = array_map(fn (mixed $fields): Opening => BuildTable::opening(array_map(fn (mixed $v): string => is_string($v) ? $v : '', (array) $fields)), array_values((array) $this->validated('engines')));

        return $openings === [] ? throw new LogicException('engines was validated and is empty.') : $openings;
    }
}
