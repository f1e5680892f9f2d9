<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** A reference standard was wrong. */
final class DoubtStandardRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['since' => 'required|date_format:Y-m-d', 'off' => ['nullable', 'string', 'max:20', 'regex:/^-?\d{1,2}(\.\d{1,4})?$/']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['since.required' => 'Say since when it was wrong: everything calibrated against it since then is looked at.', 'since.date_format' => 'Write the day as 2026-03-02.', 'off.regex' => 'By how much it showed too much, in %, with a point: 0.8, or -0.8 where it showed too little.'];
    }
}
