<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** A pull against the checker. */
final class CheckToolRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['nominal' => ['required', 'string', 'max:20', 'regex:/^\d{1,7}(\.\d{1,6})?$/'], 'reading' => ['required', 'string', 'max:20', 'regex:/^\d{1,7}(\.\d{1,6})?$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['nominal.required' => 'Say at which value it was checked.', 'reading.required' => 'Say what the checker read.', 'nominal.regex' => 'A plain number is wanted, with a point.', 'reading.regex' => 'A plain number is wanted, with a point.'];
    }
}
