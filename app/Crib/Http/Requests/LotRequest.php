<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\Actions\KeepLot;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A lot that came in. */
final class LotRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['number' => 'required|string|max:40', 'kind' => ['required', Rule::in(KeepLot::KINDS)], 'name' => 'required|string|max:120', 'certificate' => 'nullable|string|max:60', 'quantity' => ['required', 'string', 'regex:/^\d{1,9}(\.\d{1,3})?$/'], 'unit' => 'required|string|max:12', 'expires_on' => 'nullable|date_format:Y-m-d', 'place' => 'nullable|string|max:40'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is wanted.', 'quantity.regex' => 'A number from 0 up is wanted, with a point.', 'expires_on.date_format' => 'Write the day as 2026-03-02.'];
    }
}
