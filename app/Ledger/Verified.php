<?php

declare(strict_types=1);

namespace App\Ledger;

use Carbon\CarbonImmutable;

/** When the record was last read again as a whole, and how much did not agree: a note beside the database. */
final class Verified
{
    /** @return array{at: CarbonImmutable, found: int}|null */
    public static function last(): ?array
    {
        $text = (string) @file_get_contents(self::path());

        return preg_match('/^(\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ) (\d{1,9})$/D', $text, $m) === 1 ? ['at' => CarbonImmutable::parse($m[1]), 'found' => (int) $m[2]] : null;
    }

    public static function note(int $found): void
    {
        file_put_contents(self::path(), now()->utc()->format('Y-m-d\TH:i:s\Z').' '.$found);
    }

    private static function path(): string
    {
        return storage_path('last-verify');
    }
}
