<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;
use App\Record\StopWhat;
use Illuminate\Validation\Rule;

/** What it is that would be stopped. */
class StopReachRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['what' => ['required', Rule::enum(StopWhat::class)], 'key' => 'required|string|max:60'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['what.required' => 'Say what is stopped: a revision, a tool or a lot.', 'what.enum' => 'A revision, a tool or a lot can be stopped.', 'key.required' => 'Say which.'];
    }

    public function what(): StopWhat
    {
        return StopWhat::from($this->text('what'));
    }
}
