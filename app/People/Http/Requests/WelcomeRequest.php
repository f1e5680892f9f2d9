<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody chooses a password, at the end of a link. */
final class WelcomeRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => 'required|string|max:1000'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => 'Choose a password.'];
    }
}
