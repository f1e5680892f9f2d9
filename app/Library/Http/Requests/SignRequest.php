<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A signature: the password once more. */
final class SignRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => 'required|string|max:200'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => 'A signature takes your password once more.'];
    }
}
