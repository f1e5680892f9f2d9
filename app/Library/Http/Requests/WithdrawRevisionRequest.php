<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A revision is withdrawn from use. */
final class WithdrawRevisionRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => 'required|string|max:1000', 'password' => 'required|string|max:200'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is withdrawn.', 'password.required' => 'A signature takes your password once more.'];
    }
}
