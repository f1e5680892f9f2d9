<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** What the bench is told. */
final class AnswerValueRequest extends PersonRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['answer' => 'required|string|max:200'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['answer.required' => 'Say what is to be done: “on your hook now”, “wait, it is being written”.', 'answer.max' => 'Say it in at most 200 signs.'];
    }
}
