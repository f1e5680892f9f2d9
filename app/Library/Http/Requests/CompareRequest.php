<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** Two revisions are laid side by side. */
final class CompareRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['old' => 'required|string|max:36', 'new' => 'required|string|max:36'];
    }
}
