<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** Job cards are looked up: all of them, or those of one build. */
final class CardsRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['build' => 'nullable|string|max:36'];
    }
}
