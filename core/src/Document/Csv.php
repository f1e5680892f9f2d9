<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * Comma-separated values as RFC 4180 has them. A spreadsheet runs a cell that begins with =, +, -, @, tab or return;
 * such a text gets an apostrophe before it, which reading takes away again. Numbers stay numbers.
 */
final class Csv
{
    private const NUMBER = '/^[+-]?\d+([.,]\d+)?$/D';

    /** @param  array<string>  $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells));
    }

    public static function cell(string $text): string
    {
        $safe = preg_match('/^\'*[=+\-@\t\r]/', $text) === 1 && preg_match(self::NUMBER, $text) !== 1 ? "'".$text : $text;

        return preg_match('/[",\r\n]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }

    /** @return list<list<string>> rows of cells; empty lines are passed over */
    public static function rows(string $text): array
    {
        $rows = [];
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text;
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            if (trim($line) !== '') {
                $rows[] = array_map(fn (?string $v): string => preg_replace('/^\'(?=\'*[=+\-@\t\r])/', '', (string) $v) ?? '', str_getcsv($line, ',', '"', ''));
            }
        }

        return $rows;
    }
}
