<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\ChainReason;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A tool goes out of use. */
final class ChainRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', Rule::in(array_map(fn (ChainReason $r): string => $r->value, ChainReason::SAID))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is out of use.', 'reason.in' => 'Choose one of the reasons.'];
    }
}
