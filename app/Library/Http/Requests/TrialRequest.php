<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use LogicException;

/** Trial pulls: angles and the stretches they gave. */
final class TrialRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pulls' => 'required|array|min:3|max:200', 'pulls.*.angle' => 'required|numeric|between:0,3600', 'pulls.*.stretch' => 'required|numeric|between:0,100', 'low' => 'required|numeric', 'high' => 'required|numeric|gt:low', 'graduation' => 'required|numeric|gt:0|max:90',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pulls.min' => 'At least three pulls are needed for a line and its scatter.', 'pulls.required' => 'Write the pulls, an angle and a stretch each.', 'high.gt' => 'The upper limit must lie above the lower one.', 'graduation.gt' => 'A graduation above 0° is wanted.'];
    }

    /** @return non-empty-list<float> */
    public function pulled(string $what): array
    {
        $values = array_map(fn (array $p): float => (float) $p[$what], array_values((array) $this->validated('pulls')));

        return $values === [] ? throw new LogicException('The pulls were validated and are none.') : $values;
    }
}
