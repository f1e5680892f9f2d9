<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** What was tightened without a procedure. */
final class ToldJointRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['told' => 'required|string|max:80', 'worked_by' => 'required|string|max:80', 'worked_on' => 'required|date_format:Y-m-d'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['told.required' => 'Say to what it was tightened, or that nobody knows.', 'worked_by.required' => 'Say who tightened it.', 'worked_on.required' => 'Say on which day.', 'worked_on.date_format' => 'Write the day as 2026-03-14.'];
    }
}
