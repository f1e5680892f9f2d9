<?php

declare(strict_types=1);

namespace App\Audit\Http\Requests;

use App\Audit\Actions\DismissReading;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A reading that moved nothing is dismissed. */
final class DismissReadingRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', Rule::in(DismissReading::REASONS)], 'text' => 'nullable|string|max:500'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Choose why it is dismissed.'];
    }
}
