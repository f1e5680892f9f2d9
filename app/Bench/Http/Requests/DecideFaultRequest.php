<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use Illuminate\Validation\Rule;
use Tekkal\Core\Run\Disposition;

/** What becomes of a fault is said by badge and PIN. */
final class DecideFaultRequest extends SecondPersonRequest
{
    public function rules(): array
    {
        return parent::rules() + ['step' => 'required|string|max:120', 'case' => 'required|string|max:60', 'disposition' => ['required', Rule::enum(Disposition::class)], 'text' => 'nullable|string|max:500'];
    }

    public function messages(): array
    {
        return parent::messages() + ['disposition.required' => 'Choose what becomes of it.'];
    }

    /** @return array{step: string, case: string, disposition: string, text: string|null} */
    public function given(): array
    {
        return ['step' => $this->text('step'), 'case' => $this->text('case'), 'disposition' => $this->text('disposition'), 'text' => $this->filled('text') ? $this->text('text') : null];
    }
}
