<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Builds\Opening;
use App\People\Http\PersonRequest;

/** An engine comes in. */
final class OpenBuildRequest extends PersonRequest
{
    use BringsFacts;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'serial' => 'required|string|max:40', 'customer' => 'required|string|max:36', 'build' => 'nullable|integer|min:1|max:9999', 'family' => 'nullable|string|max:12', 'waits' => 'boolean',
            'old_serials' => 'array|max:10', 'old_serials.*' => 'string|max:40',
        ] + self::factRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'serial.required' => 'Write or scan the serial number.', 'serial.max' => 'A serial number has at most 40 characters.', 'customer.required' => 'Choose the customer whose engine it is.',
            'old_serials.*.max' => 'A number has at most 40 characters.',
        ] + self::factMessages();
    }

    public function opening(): Opening
    {
        $build = $this->validated('build');

        return new Opening(
            $this->text('serial'), $this->text('customer'), is_numeric($build) ? (int) $build : null, self::orNull($this->validated('family')), $this->boolean('waits'), $this->facts(),
            array_values(array_map(strval(...), (array) $this->validated('old_serials', []))),
        );
    }
}
