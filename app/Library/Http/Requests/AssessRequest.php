<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A document, to be told what the core makes of it. */
final class AssessRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['document' => 'required|array', 'against' => 'nullable|string|max:36'];
    }
}
