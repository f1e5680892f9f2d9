<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\Library\Queries\JointCalculation;
use App\People\Http\PersonRequest;

/** What is known of a joint, to be estimated. */
final class JointRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['thread' => 'required|string|max:60'] + array_fill_keys(JointCalculation::FIELDS, 'nullable|string|max:60');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['thread.required' => 'Write the thread, such as M10x1.25 or 7/16-20 UNF.'];
    }
}
