<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** Something is undone, or let go: why. */
final class BuildReasonRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => 'required|string|max:400'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why.', 'reason.max' => 'Say why in at most 400 signs.'];
    }
}
