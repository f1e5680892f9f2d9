<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;
use LogicException;

/** A map as a table. */
final class ReadMapRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['csv' => 'required|string|max:400000', 'groups' => 'required|array|min:1', 'groups.*' => 'string|max:32', 'parts' => 'required|array|min:1', 'parts.*' => 'string|max:32'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv.required' => 'The table is empty.', 'csv.max' => 'The table has more than 400 000 characters.'];
    }

    private const MOST_NAMES = 2_000;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['groups' => self::MOST_NAMES, 'parts' => self::MOST_NAMES]);
    }

    /** @return non-empty-list<string> */
    public function names(string $field): array
    {
        $names = array_values(array_map(strval(...), (array) $this->validated($field)));

        return $names === [] ? throw new LogicException("$field was validated and is empty.") : $names;
    }
}
