<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A reference standard with its certificate. */
final class StandardRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => 'required|string|max:20', 'name' => 'required|string|max:120', 'measures' => ['required', Rule::in(['torque', 'angle', 'length'])], 'uncertainty' => 'required|string|max:40', 'certificate' => 'required|string|max:60', 'laboratory' => 'required|string|max:120', 'valid_from' => 'required|date_format:Y-m-d', 'valid_until' => 'required|date_format:Y-m-d'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is wanted.', 'date_format' => 'Write the day as 2026-03-02.'];
    }
}
