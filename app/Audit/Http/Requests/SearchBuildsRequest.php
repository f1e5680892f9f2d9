<?php

declare(strict_types=1);

namespace App\Audit\Http\Requests;

use App\People\Http\PersonRequest;

/** Builds by a part of their serial, scanned or typed. */
final class SearchBuildsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['serial' => 'nullable|string|max:40'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serial.max' => 'A serial number has at most 40 characters.'];
    }

    /** Without what a scanner puts before it. */
    public function serial(): string
    {
        return preg_replace('/^@S/', '', trim($this->text('serial'))) ?? '';
    }
}
