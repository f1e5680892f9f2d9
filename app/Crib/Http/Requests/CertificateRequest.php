<?php

declare(strict_types=1);

namespace App\Crib\Http\Requests;

use App\Library\Http\Requests\BringsFile;
use App\People\Http\PersonRequest;

/** The certificate of a calibration, scanned. */
final class CertificateRequest extends PersonRequest
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
        return ['file.required' => 'Choose a PDF or a picture of the certificate.', 'file.max' => 'A certificate has at most 20 MB. Nothing was stored.'];
    }
}
