<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * How far the record had come, noted beside the database: "number:hash" of the newest leaf. It only ever rises, and only
 * over a leaf that it agrees with, so that entries cut off the end stay known. A restore, which records what is lost,
 * begins it anew.
 */
final class LeafNote
{
    /** @return array{number: int, hash: string}|null null while there is none, or when it cannot be read */
    public static function read(): ?array
    {
        $text = @file_get_contents(self::path());

        return is_string($text) && preg_match('/^(\d{1,15}):([0-9a-f]{64})$/D', trim($text), $m) === 1 ? ['number' => (int) $m[1], 'hash' => $m[2]] : null;
    }

    public static function isDamaged(): bool
    {
        return is_file(self::path()) && self::read() === null;
    }

    /** @return bool false when the database does not hold what was noted: the note then stays as it is */
    public static function raise(): bool
    {
        $noted = self::read();
        if (self::isDamaged() || ($noted !== null && DB::table('ledger_leaves')->where('leaf_no', $noted['number'])->value('leaf_hash') !== $noted['hash'])) {
            return false;
        }
        self::begin();

        return true;
    }

    /** Over whatever stands there: when the record is new, and when a restore has recorded what is lost. */
    public static function begin(): void
    {
        $last = DB::table('ledger_leaves')->orderByDesc('leaf_no')->first(['leaf_no', 'leaf_hash']);
        if ($last !== null) {
            file_put_contents(self::path().'.new', "$last->leaf_no:$last->leaf_hash");
            rename(self::path().'.new', self::path());
        }
    }

    private static function path(): string
    {
        return storage_path('last-leaf');
    }
}
