<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;

/** A browser is made a bench. */
final class EnrolDeviceRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60', new OneLine]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the bench a name, such as Bench 2.', 'name.max' => 'A bench name has at most 60 characters.'];
    }
}
