<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody joins by badge and PIN. */
class SecondPersonRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['badge' => 'required|string|max:20', 'pin' => 'required|string|max:20'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['badge.required' => 'Scan or type the badge.', 'pin.required' => 'Type the PIN.'];
    }
}
