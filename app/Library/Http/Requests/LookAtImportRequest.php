<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A file of procedures is looked at before anything is written. */
final class LookAtImportRequest extends PersonRequest
{
    use BringsFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => 'required|file|max:20480', 'only' => 'nullable|string|max:80'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a file.', 'file.max' => 'A file has at most 20 MB. Split the library by family.'];
    }
}
