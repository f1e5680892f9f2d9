<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** From when to when somebody is not here. */
final class AbsenceRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['first_day' => 'required|date_format:Y-m-d', 'last_day' => 'required|date_format:Y-m-d|after_or_equal:first_day'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['first_day.*' => 'Say from which day on.', 'last_day.required' => 'Say until which day.', 'last_day.date_format' => 'Say until which day.', 'last_day.after_or_equal' => 'The last day lies before the first.'];
    }
}
