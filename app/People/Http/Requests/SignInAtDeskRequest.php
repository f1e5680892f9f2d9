<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody signs in at a desk. */
final class SignInAtDeskRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => 'required|string|max:60', 'password' => 'required|string|max:200'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Write your sign-in name.', 'password.required' => 'Write your password.'];
    }
}
