<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\People\Http\PersonRequest;

/** Readings of a calibration, as a file has them. */
final class ReadingsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['text' => 'required|string|max:100000'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'The file is empty.', 'text.max' => 'The file has more than 100 000 characters.'];
    }
}
