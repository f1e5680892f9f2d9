<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\CaseDecision;
use App\Crib\Queries\CaseDecisions;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** What becomes of engines that a case has touched. */
final class DecideCaseRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['builds' => 'required|array|min:1|max:500', 'builds.*' => 'string|max:36', 'decision' => ['required', Rule::enum(CaseDecision::class)], 'fasteners' => 'nullable|array|max:200', 'fasteners.*' => 'array:joint,position', 'fasteners.*.joint' => 'required|string|max:36', 'fasteners.*.position' => 'required|string|max:60'];
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

    /** @return list<string> each as joint/position; none: the whole engine */
    public function fasteners(): array
    {
        /** @var list<array{joint: string, position: string}> $chosen */
        $chosen = array_values((array) $this->validated('fasteners'));

        return array_map(fn (array $f): string => CaseDecisions::fastener($f['joint'], $f['position']), $chosen);
    }

    public function decision(): CaseDecision
    {
        return CaseDecision::from($this->text('decision'));
    }
}
