<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** Signed by the PIN of whoever did it. */
final class FinishRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['pin' => 'required|string|max:20'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pin.required' => 'Type your PIN: it puts your name to the work.'];
    }
}
