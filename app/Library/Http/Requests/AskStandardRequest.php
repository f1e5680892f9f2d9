<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A window standard is proposed. */
final class AskStandardRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:20|regex:/^[A-Z0-9-]+$/', 'quantity' => 'required|in:torque,angle,length', 'tool' => 'nullable|string|max:30', 'risk_class' => 'nullable|in:A,B,C', 'tolerance' => 'required|string|max:30', 'source' => 'required|string|max:20',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.required' => 'Give it a code, such as W-03.', 'code.regex' => 'A code has capital letters, digits and hyphens, such as W-03.', 'tolerance.required' => 'Say how far: 4 % or 5°.', 'source.required' => 'Say which paper it stands in.'];
    }

    /** @return array{code: string, quantity: string, tool: string, risk_class: string, tolerance: string, source: string} */
    public function fields(): array
    {
        return ['code' => $this->text('code'), 'quantity' => $this->text('quantity'), 'tool' => $this->text('tool'), 'risk_class' => $this->text('risk_class'), 'tolerance' => $this->text('tolerance'), 'source' => $this->text('source')];
    }
}
