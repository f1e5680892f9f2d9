<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** A card has come back: who signed it, and on which day it was worked. */
final class CardBackRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['worked_by' => 'required|string|max:36', 'worked_on' => 'required|date_format:Y-m-d'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['worked_by.required' => 'Say whose signature is on it.', 'worked_on.required' => 'Say on which day it was worked: it stands beside the signature.', 'worked_on.date_format' => 'Write the day as 2026-03-02.'];
    }
}
