<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Letters;

/**
 * Comma-separated values as RFC 4180 has them; read also with tabs between, as spreadsheets copy a table. A spreadsheet runs a cell that begins with =, +, -, @, tab or return;
 * such a text gets an apostrophe before it, which reading takes away again. Numbers stay numbers.
 */
final class Csv
{
    private const NUMBER = '/^[+-]?\d+([.,]\d+)?$/D';

    /** What parts the first two cells is a tab; one that a cell of ours begins with stands behind an apostrophe. */
    private const BY_TABS = '/^[^,\t"]*[^,\t"\']\t/';

    /** @param  array<string>  $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells));
    }

    /**
     * @param  list<string>  $columns
     * @param  list<array<string>>  $rows
     */
    public static function table(array $columns, array $rows): string
    {
        return implode("\r\n", array_map(self::line(...), [$columns, ...$rows]))."\r\n";
    }

    public static function cell(string $text): string
    {
        $safe = preg_match('/^\'*[=+\-@\t\r]/', $text) === 1 && preg_match(self::NUMBER, $text) !== 1 ? "'".$text : $text;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }

    /** Why a table cannot be read letter by letter: what it begins with, or how its letters are written; null where it can. */
    public static function unreadable(string $text): ?string
    {
        return match (true) {
            str_starts_with($text, "\xFF\xFE"), str_starts_with($text, "\xFE\xFF"), str_contains($text, "\0") => 'The table is in UTF-16; UTF-8 is wanted. Save it as CSV in UTF-8 and try again.',
            str_starts_with($text, "\u{FEFF}") => 'The table begins with a byte-order mark (the bytes EF BB BF), which is no part of it; UTF-8 without one is wanted. Save it so, or mark its rows where they were written and paste them.',
            // U+FFFD stands where a browser met bytes that were no UTF-8.
            ! Letters::isText($text), str_contains($text, "\u{FFFD}") => 'The table is not in UTF-8: some of its letters cannot be read. Save it as CSV in UTF-8 and try again.',
            default => null,
        };
    }

    /** @return list<list<string>> rows of cells of a table that is not unreadable(); empty lines are passed over */
    public static function rows(string $text): array
    {
        $rows = [];
        $between = preg_match(self::BY_TABS, ltrim($text, "\r\n")) === 1 ? "\t" : ',';
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            if (trim($line) !== '') {
                $rows[] = array_map(fn (?string $v): string => preg_replace('/^\'(?=\'*[=+\-@\t\r])/', '', (string) $v) ?? '', str_getcsv($line, $between, '"', ''));
            }
        }

        return $rows;
    }
}
