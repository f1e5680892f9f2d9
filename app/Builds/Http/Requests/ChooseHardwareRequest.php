<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\People\Http\PersonRequest;

/** Which hardware an engine gets at a joint. */
final class ChooseHardwareRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['procedure' => 'required|string|max:36'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['procedure.required' => 'Choose the hardware.'];
    }
}
