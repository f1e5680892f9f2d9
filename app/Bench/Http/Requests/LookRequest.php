<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

/** Somebody looks at a round, and says by badge and PIN how it is: nobody's silence is a yes. */
final class LookRequest extends SecondPersonRequest
{
    public function rules(): array
    {
        return parent::rules() + ['stage' => 'required|string|max:120', 'finds' => 'required|in:as_recorded,differs'];
    }

    public function messages(): array
    {
        return parent::messages() + ['stage.required' => 'Name the round.', 'finds.required' => 'Say whether it is as recorded, or differs.', 'finds.in' => 'Say whether it is as recorded, or differs.'];
    }
}
