<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\Bench\Actions\MoveCard;
use App\People\Http\PersonRequest;
use Illuminate\Validation\Rule;

/** A card is voided, and why. */
final class VoidCardRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reason' => ['required', Rule::in(MoveCard::REASONS)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required' => 'Say why it is voided.', 'reason.in' => 'Choose one of the reasons.'];
    }
}
