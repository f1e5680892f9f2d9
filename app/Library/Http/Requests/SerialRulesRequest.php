<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** How the serials of a family read, one rule to a line. */
final class SerialRulesRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['serial_rules' => 'nullable|string|max:400'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['serial_rules.max' => 'Rules for serials have at most 400 signs together.'];
    }
}
