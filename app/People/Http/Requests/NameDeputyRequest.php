<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Http\PersonRequest;

/** Somebody is named to decide in the lead's place, with classes and hours: nothing of it is left open. */
final class NameDeputyRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $time = ['required', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/D'];

        return [
            'person' => 'required|string|max:36', 'classes' => 'required|array|min:1|max:3', 'classes.*' => 'in:A,B,C',
            'from_time' => $time, 'until_time' => [...$time, 'different:from_time'], 'first_day' => 'required|date_format:Y-m-d', 'last_day' => 'required|date_format:Y-m-d|after_or_equal:first_day|after_or_equal:today',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person.required' => 'Choose who stands in.', 'classes.required' => 'Choose at least one class of joints.', 'classes.*.in' => 'A class is A, B or C.',
            'from_time.*' => 'Say from when on, as HH:MM.', 'until_time.required' => 'Say until when, as HH:MM.', 'until_time.regex' => 'Say until when, as HH:MM.', 'until_time.different' => 'From and until are the same: no hour lies between them.',
            'first_day.*' => 'Say from which day on.', 'last_day.required' => 'Say until which day.', 'last_day.date_format' => 'Say until which day.', 'last_day.after_or_equal' => 'The last day lies before the first, or is over already.',
        ];
    }

    /** @return array{classes: list<string>, from_time: string, until_time: string, first_day: string, last_day: string} */
    public function terms(): array
    {
        return [
            'classes' => array_values(array_filter((array) $this->validated('classes'), is_string(...))),
            'from_time' => $this->text('from_time'), 'until_time' => $this->text('until_time'), 'first_day' => $this->text('first_day'), 'last_day' => $this->text('last_day'),
        ];
    }
}
