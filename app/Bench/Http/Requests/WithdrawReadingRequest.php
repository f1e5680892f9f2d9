<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\Bench\Actions\WithdrawReading;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A typed value is taken back as a typing error. */
final class WithdrawReadingRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'reading' => 'required|uuid', 'step' => 'required|string|max:120', 'reason' => ['required', Rule::in(WithdrawReading::REASONS)], 'text' => 'nullable|string|max:500',
            'second_badge' => 'nullable|string|max:20', 'second_pin' => 'nullable|string|max:20',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Choose what happened.'];
    }
}
