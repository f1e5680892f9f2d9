<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** A shift is handed over: both sign with their PIN. */
final class HandoverRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['pin' => 'required|string|max:20', 'badge' => 'required|string|max:20', 'second_pin' => 'required|string|max:20', 'said' => 'nullable|string|max:300', 'seen' => 'required|string|max:64'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pin.required' => 'Your PIN signs it.', 'badge.required' => 'Scan or type the badge of whoever takes over.', 'second_pin.required' => 'The PIN of whoever takes over signs it, too.', 'seen.required' => 'Say which list you have both read: it is signed as it was read.', 'said.max' => 'Say it in 300 characters at most.'];
    }
}
