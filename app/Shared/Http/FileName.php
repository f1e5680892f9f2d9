<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Illuminate\Http\UploadedFile;

/** What an uploaded file was called, as far as it can be read: nothing that cannot be seen, and no longer than its column. */
final class FileName
{
    private const LONGEST = 160;

    public static function of(UploadedFile $file): string
    {
        $plain = (string) preg_replace('/[\p{Cc}\p{Cf}\p{Co}\p{Zl}\p{Zp}]/u', '', mb_scrub($file->getClientOriginalName()));

        return mb_substr($plain === '' ? 'without a name' : $plain, 0, self::LONGEST);
    }
}
