<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Http\JsonBody;

/** What is carried in which subassembly of a family, and what holds it. */
final class SubassembliesRequest extends PersonRequest
{
    private const MOST = 60;

    protected function prepareForValidation(): void
    {
        JsonBody::lists($this, ['joints' => self::MOST]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['joints' => 'array', 'joints.*.joint' => 'required|string|max:36', 'joints.*.carried_in' => 'nullable|string|max:40', 'joints.*.holds' => 'nullable|string|max:40'];
    }

    /** @return array<string, string> by joint */
    public function carried(): array
    {
        return $this->said('carried_in');
    }

    /** @return array<string, string> by joint */
    public function holding(): array
    {
        return $this->said('holds');
    }

    /** @return array<string, string> those of which it is said */
    private function said(string $field): array
    {
        $said = [];
        foreach ((array) $this->validated('joints', []) as $one) {
            $said[(string) data_get($one, 'joint')] = trim((string) data_get($one, $field));
        }

        return array_filter($said, fn (string $name): bool => $name !== '');
    }
}
