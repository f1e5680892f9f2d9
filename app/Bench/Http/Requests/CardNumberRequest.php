<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\People\Http\PersonRequest;

/** A job card by its number. */
final class CardNumberRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['card' => 'required|string|max:12'];
    }
}
