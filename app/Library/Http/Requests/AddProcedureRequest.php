<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use App\Shared\Rules\OneLine;
use Tekkal\Core\Document\LineReader;

/** A procedure for a joint with a hardware option, anew or copied from a sister. */
final class AddProcedureRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['joint' => 'required|string|max:36', 'option' => ['required', 'string', 'max:80', new OneLine], 'copy_of' => 'nullable|string|max:36', 'variant' => 'nullable|string|max:36', 'line' => 'nullable|string|max:'.LineReader::LONGEST];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['joint.required' => 'Choose the joint.', 'option.required' => 'Name the hardware option, such as stock bolts.', 'line.max' => SketchLineRequest::tooLong()];
    }
}
