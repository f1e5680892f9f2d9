<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

/** Something is stopped for everybody, and why: it is read at every bench. */
final class StopWorkRequest extends StopReachRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return parent::rules() + ['reason' => 'required|string|min:3|max:300'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['reason.required' => 'Say why, in a few words: it is read at every bench.', 'reason.min' => 'Say why, in a few words: it is read at every bench.', 'reason.max' => 'It is read at a bench, at arm’s length: 300 characters at most.'];
    }
}
