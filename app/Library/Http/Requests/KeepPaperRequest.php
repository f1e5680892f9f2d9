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
        return self::fileRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::fileMessages();
    }
}
