<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;

/** What rests on what in a family. */
final class RestingRequest extends PersonRequest
{
    private const MOST = 60;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['joints' => self::MOST]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['joints' => 'array', 'joints.*.joint' => 'required|string|max:36', 'joints.*.on' => 'array|max:60', 'joints.*.on.*' => 'string|max:36'];
    }

    /** @return array<string, list<string>> by joint */
    public function resting(): array
    {
        $on = [];
        foreach ((array) $this->validated('joints', []) as $one) {
            $on[(string) data_get($one, 'joint')] = array_values(array_map(strval(...), (array) data_get($one, 'on')));
        }

        return $on;
    }
}
