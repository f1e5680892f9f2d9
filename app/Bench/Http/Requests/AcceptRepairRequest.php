<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

/** A repaired thread is accepted by badge and PIN. */
final class AcceptRepairRequest extends SecondPersonRequest
{
    public function rules(): array
    {
        return parent::rules() + ['position' => 'required|string|max:120'];
    }
}
