<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** The paper of a source, scanned. */
final class KeepPaperRequest extends PersonRequest
{
    use BringsFile;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => 'required|file|max:20480'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a PDF or a picture.', 'file.max' => 'A paper has at most 20 MB. Nothing was stored.'];
    }
}
