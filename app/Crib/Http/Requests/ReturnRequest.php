<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\Actions\MoveTool;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A tool comes back. */
final class ReturnRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['elsewhere' => ['required', Rule::in(MoveTool::ELSEWHERE)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['elsewhere.required' => 'Say how much it was used elsewhere: none, some or much.', 'elsewhere.in' => 'Say how much it was used elsewhere: none, some or much.'];
    }
}
