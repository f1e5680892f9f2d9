<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;

/** What a customer is called. */
final class CustomerRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120', new OneLine]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Write what the customer is called.', 'name.max' => 'A name has at most 120 characters.'];
    }
}
