<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody signs in at a bench. */
final class SignInAtBenchRequest extends PersonRequest
{
    use CountsOfBench;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['badge' => 'required|string|max:20', 'pin' => 'required|string|max:20', 'new_pin' => 'nullable|string|max:20', 'last_device_seq' => 'nullable|integer|min:0'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['badge.required' => 'Scan or type your badge.', 'pin.required' => 'Type your PIN.'];
    }
}
