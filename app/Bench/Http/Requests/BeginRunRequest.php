<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** A job is begun; where it was worked on paper, by its card. */
final class BeginRunRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['assignment' => 'required|string|max:36', 'card' => 'nullable|string|max:12'];
    }
}
