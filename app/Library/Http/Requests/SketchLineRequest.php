<?php

declare(strict_types=1);

namespace App\Library\Http\Requests;

use App\People\Http\PersonRequest;
use Tekkal\Core\Document\LineReader;

/** A tightening line as far as it is typed. */
final class SketchLineRequest extends PersonRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['line' => 'present|nullable|string|max:'.LineReader::LONGEST];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line.max' => self::tooLong()];
    }

    public static function tooLong(): string
    {
        return sprintf('A line has at most %d characters.', LineReader::LONGEST);
    }
}
