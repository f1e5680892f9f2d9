<?php

declare(strict_types=1);

namespace App\Audit\Http\Requests;

use App\People\Http\PersonRequest;

/** Has a run moved on since an entry? */
final class LiveRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['run' => 'required|uuid', 'since' => 'required|integer|min:0'];
    }
}
