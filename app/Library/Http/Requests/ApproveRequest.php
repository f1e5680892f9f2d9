<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;

/** A revision is signed: the document that was read, and the password once more. */
final class ApproveRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['password' => 'required|string|max:200', 'document_hash' => 'required|string|size:64'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => 'A signature takes your password once more.', 'document_hash.required' => 'Say which document you have read.'];
    }
}
