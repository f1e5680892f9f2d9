<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** Has a run moved on since an entry, or is something else stopped than the bench knows of? */
final class MovedRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['since' => 'required|integer|min:0', 'stops' => 'nullable|integer|min:0'];
    }
}
