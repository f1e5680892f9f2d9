<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A page of the library. */
final class FindProceduresRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['find' => 'nullable|string|max:80', 'family' => 'nullable|string|max:36', 'state' => 'nullable|in:draft,in_review,approved,superseded,withdrawn,missing,in_conflict', 'page' => 'nullable|integer|min:1|max:10000'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['find.max' => 'At most 80 characters are looked for.'];
    }
}
