<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;

/** The shop wants more of its risk classes than they come with. */
final class AskRiskRulesRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'rules' => 'required|array|size:3', 'rules.*.class' => 'required|distinct|in:A,B,C', 'rules.*.least' => 'required|in:measured,one_by_one,as_round',
            'rules.*.watched' => 'required|boolean', 'rules.*.second_look' => 'required|boolean', 'why' => ['required', 'string', 'max:400', new OneLine],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['why.required' => 'Say why, in a sentence: whoever signs reads it.', 'rules.size' => 'Say what each of A, B and C asks for.', 'rules.*.class.distinct' => 'Say what each of A, B and C asks for, once.'];
    }

    /** @return array<string, array{least: string, watched: bool, second_look: bool}> by class */
    public function classes(): array
    {
        $by = [];
        foreach ((array) $this->validated('rules') as $rule) {
            $by[(string) data_get($rule, 'class')] = ['least' => (string) data_get($rule, 'least'), 'watched' => (bool) data_get($rule, 'watched'), 'second_look' => (bool) data_get($rule, 'second_look')];
        }
        ksort($by);

        return $by;
    }
}
