<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** The other of the two lifts it: the password once more, and the reason as it was read. */
final class SignLiftRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => 'required|string|max:200', 'seen' => 'nullable|string|max:400'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => 'A signature takes your password once more.'];
    }
}
