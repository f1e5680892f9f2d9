<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A picture of how it must look, or of how it must not. */
final class KeepPictureRequest extends PersonRequest
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
        return ['file.required' => 'Choose a picture.', 'file.max' => 'A picture has at most 20 MB. Nothing was stored.'];
    }
}
