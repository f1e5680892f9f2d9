<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;

/** A value is asked for at a bench. */
final class AskValueRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['serial' => ['required', 'string', 'max:40', new OneLine], 'says' => ['required', 'string', 'max:200', new OneLine]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serial.required' => 'Say of which engine: its number, or a part of it.', 'says.required' => 'Say what is to be tightened: where, which thread, what is stamped on the head, into what.', 'says.max' => 'Say it in at most 200 signs.'];
    }
}
