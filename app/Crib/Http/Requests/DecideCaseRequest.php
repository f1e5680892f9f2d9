<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\CaseDecision;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** What becomes of engines that a case has touched. */
final class DecideCaseRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['builds' => 'required|array|min:1|max:500', 'builds.*' => 'string|max:36', 'decision' => ['required', Rule::enum(CaseDecision::class)], 'positions' => 'nullable|array|max:200', 'positions.*' => 'string|max:60'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['builds.required' => 'Choose the engine.', 'decision.required' => 'Say what becomes of it.', 'decision' => 'Choose one of the decisions.'];
    }

    /** @return list<string> */
    public function builds(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('builds')));
    }

    /** @return list<string> */
    public function positions(): array
    {
        return array_values(array_map(strval(...), (array) $this->validated('positions')));
    }

    public function decision(): CaseDecision
    {
        return CaseDecision::from($this->text('decision'));
    }
}
