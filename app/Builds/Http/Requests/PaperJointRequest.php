<?php

declare(strict_types=1);

namespace App\Builds\Http\Requests;

use App\Library\Http\Requests\BringsFile;
use App\People\Http\PersonRequest;

/** The scan of a joint that was done on paper before, with who signed it and when. */
final class PaperJointRequest extends PersonRequest
{
    use BringsFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['worked_by' => 'required|string|max:80', 'worked_on' => 'required|date_format:Y-m-d'] + self::fileRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['worked_by.required' => 'Write the name that stands on the paper.', 'worked_on.required' => 'Write the day that stands on the paper.', 'worked_on.date_format' => 'That is no day. Write it as 2026-11-30.'] + self::fileMessages();
    }
}
