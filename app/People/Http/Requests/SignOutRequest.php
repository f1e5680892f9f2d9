<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody signs out, or a bench ends its sitting. */
final class SignOutRequest extends PersonRequest
{
    use CountsOfBench;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['last_device_seq' => 'nullable|integer|min:0'];
    }
}
