<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

/** Somebody looks at a round, and says by badge and PIN which heads differ: nobody's silence is a yes. */
final class LookRequest extends SecondPersonRequest
{
    public function rules(): array
    {
        return parent::rules() + ['stage' => 'required|string|max:120', 'differ' => 'present|array|max:400', 'differ.*' => 'string|max:120'];
    }

    public function messages(): array
    {
        return parent::messages() + ['stage.required' => 'Name the round.', 'differ.present' => 'Say which heads differ, or that none does.', 'differ.array' => 'Say which heads differ, or that none does.'];
    }

    /** @return list<string> */
    public function differ(): array
    {
        return array_values(array_filter((array) $this->validated('differ'), is_string(...)));
    }
}
