<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A permitted departure is asked for. */
final class AskPermitRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'procedure' => 'required|string|max:36', 'stage' => 'nullable|string|max:32', 'departure' => 'required|string|max:400', 'reason' => 'required|string|max:400', 'customer_reference' => 'nullable|string|max:120',
            'quantity' => 'nullable|integer|min:1|max:10000', 'serials' => 'nullable|string|max:4000', 'valid_from' => 'required|date_format:Y-m-d', 'valid_until' => 'nullable|date_format:Y-m-d',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['departure.required' => 'Say what may be done otherwise.', 'reason.required' => 'Say why.', 'valid_from.required' => 'Say from which day.', 'procedure.required' => 'Choose the procedure.'];
    }

    /** @return array{stage: string|null, departure: string, reason: string, customer_reference: string, quantity: int|null, serials: string, valid_from: string, valid_until: string|null} */
    public function fields(): array
    {
        return [
            'stage' => $this->optionalText('stage'), 'departure' => $this->text('departure'), 'reason' => $this->text('reason'), 'customer_reference' => $this->text('customer_reference'),
            'quantity' => $this->validated('quantity') === null ? null : $this->integer('quantity'), 'serials' => $this->text('serials'),
            'valid_from' => $this->text('valid_from'), 'valid_until' => $this->optionalText('valid_until'),
        ];
    }
}
