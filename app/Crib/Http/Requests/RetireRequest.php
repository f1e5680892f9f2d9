<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\Actions\MoveTool;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A tool leaves the board. */
final class RetireRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', Rule::in(MoveTool::RETIRED)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is retired.', 'reason.in' => 'Choose one of the reasons.'];
    }
}
