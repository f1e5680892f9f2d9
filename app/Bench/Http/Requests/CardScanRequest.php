<?php

declare(strict_types=1);

namespace App\Bench\Http\Requests;

use App\Library\Http\Requests\BringsFile;
use App\People\Http\PersonRequest;

/** The scan of a card that came back. */
final class CardScanRequest extends PersonRequest
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
        return self::fileMessages('a PDF or a picture of the card');
    }
}
