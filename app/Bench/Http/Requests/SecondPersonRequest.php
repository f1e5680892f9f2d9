<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody joins, or looks at a round, by badge and PIN. */
final class SecondPersonRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['badge' => 'required|string|max:20', 'pin' => 'required|string|max:20', 'stage' => 'nullable|string|max:120', 'finds' => 'nullable|in:as_recorded,differs'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['badge.required' => 'Scan or type the badge.', 'pin.required' => 'Type the PIN.', 'finds.in' => 'Say whether it is as recorded, or differs.'];
    }
}
