<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Crib\CalibrationInput;
use App\People\Http\PersonRequest;
use App\Shared\Refused;
use Illuminate\Validation\Rule;

/** A calibration as it is typed in; it may be looked at before it is whole. */
final class CalibrationRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'calibrated_on' => 'required|date_format:Y-m-d', 'certificate' => 'nullable|string|max:60', 'standard' => 'nullable|string|max:36', 'valid_until' => 'nullable|date_format:Y-m-d', 'not_found' => ['nullable', Rule::in(['new', 'unread'])],
            'laboratory' => 'required|array:kind,name,accreditation,scope', 'laboratory.kind' => ['required', Rule::in(['own', 'outside'])], 'laboratory.*' => 'nullable|string|max:120',
            'sheet' => 'required|array:direction,as_found,adjustment,as_left,preloads,temperature,humidity,adapter', 'sheet.adapter' => 'nullable|string|max:20',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['calibrated_on.required' => 'Say on which day it was calibrated.', 'calibrated_on.date_format' => 'Write the day as 2026-03-02.'];
    }

    public function calibration(): CalibrationInput
    {
        $laboratory = array_filter((array) $this->validated('laboratory'), fn (mixed $v): bool => is_string($v) && $v !== '');

        return new CalibrationInput($this->text('calibrated_on'), (array) $this->validated('sheet'), $this->text('certificate'), $laboratory, $this->optionalText('standard'), $this->optionalText('not_found'), $this->optionalText('valid_until'));
    }

    /** One that is kept says whose certificate it is. */
    public function whole(): CalibrationInput
    {
        $input = $this->calibration();
        if (trim($input->certificate) === '') {
            throw Refused::field('certificate', 'Say which number the certificate has.', '');
        }
        if (! $input->isOwn() && ($input->laboratory['name'] ?? '') === '') {
            throw Refused::field('laboratory.name', 'Say which laboratory calibrated it.', '');
        }

        return $input;
    }
}
