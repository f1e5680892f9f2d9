<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** What was typed in was held against the card: the steps at which it says otherwise, none where it agrees. */
final class CompareCardRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['differ' => 'present|array|max:2000', 'differ.*' => 'string|max:120'];
    }

    /** @return list<string> */
    public function differ(): array
    {
        return array_values(array_filter((array) $this->validated('differ'), is_string(...)));
    }
}
