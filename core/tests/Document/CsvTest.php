<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Csv;
use Tekkal\Core\Document\MapCsv;
use Tekkal\Core\Tests\Fixtures\Bench;

/**
 * Quoting as RFC 4180, section 2, has it. That spreadsheets run a cell which begins with =, +, -, @, tab or return, and
 * that an apostrophe before it keeps them from it, is common practice, no source.
 */
final class CsvTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function cells(): iterable
    {
        yield 'a text' => ['Bolt 1', 'Bolt 1'];
        yield 'RFC 4180, rule 6' => ['a,b', '"a,b"'];
        yield 'RFC 4180, rule 7' => ['a "b"', '"a ""b"""'];
        yield 'a formula' => ['=1+1', "'=1+1"];
        yield 'a formula in quotes' => ['=HYPERLINK("x","y")', '"\'=HYPERLINK(""x"",""y"")"'];
        yield 'a call' => ['@SUM(A1)', "'@SUM(A1)"];
        yield 'a formula after a tab' => ["\t=1", "'\t=1"];
        yield 'a sign that begins a word' => ['-inner', "'-inner"];
        yield 'an apostrophe that was there' => ["'=1", "''=1"];
        yield 'a negative number' => ['-12.5', '-12.5'];
        yield 'a signed number' => ['+80', '+80'];
        yield 'a tightening line' => ['+80° inner', "'+80° inner"];
    }

    #[DataProvider('cells')]
    public function test_a_cell_is_quoted_and_never_run(string $text, string $written): void
    {
        self::assertSame($written, Csv::cell($text));
        if (! str_contains($text, "\r") && ! str_contains($text, "\n")) {
            self::assertSame([[$text, 'x']], Csv::rows(Csv::line([$text, 'x'])), 'and is read as it was');
        }
    }

    /** As spreadsheets put a marked table on the clipboard (common practice, no source). */
    public function test_a_table_that_was_copied_has_tabs_between_and_its_commas_are_its_own(): void
    {
        self::assertSame([['serial', 'customer'], ['TN3-26-0001', 'Skerry, Sons'], ['TN3-26-0002', '']], Csv::rows("serial\tcustomer\nTN3-26-0001\tSkerry, Sons\n\nTN3-26-0002\t"));
        self::assertSame([['TN3-26-0001', 'Skerry, Sons']], Csv::rows("TN3-26-0001\tSkerry, Sons"));
        self::assertSame([['x', 'y'], ['a "b"', 'c']], Csv::rows("x\ty\n\"a \"\"b\"\"\"\tc"));
        self::assertSame([['code', "two\twords"], ['T1', 'x']], Csv::rows("code,two\twords\nT1,x"), 'where commas part the cells a tab is theirs');
    }

    /** Byte-order marks and U+FFFD as The Unicode Standard, sections 2.13 and 23.8, has them. */
    public function test_a_table_in_another_encoding_or_with_a_mark_before_it_says_so(): void
    {
        self::assertStringStartsWith('The table begins with a byte-order mark (the bytes EF BB BF)', (string) Csv::unreadable("\xEF\xBB\xBFcode,name"));
        foreach ([mb_convert_encoding('code', 'UTF-16LE'), mb_convert_encoding("\u{FEFF}code", 'UTF-16LE'), mb_convert_encoding("\u{FEFF}code", 'UTF-16BE')] as $wide) {
            self::assertStringStartsWith('The table is in UTF-16', (string) Csv::unreadable($wide));
        }
        foreach ([mb_convert_encoding('Click wrench, ½ in', 'Windows-1252'), "Click wrench, \u{FFFD} in"] as $other) {
            self::assertStringStartsWith('The table is not in UTF-8', (string) Csv::unreadable($other));
        }
        self::assertNull(Csv::unreadable('code,Click wrench ½ in, N·m'));
    }

    public function test_a_landmark_that_looks_like_a_formula_survives_a_table(): void
    {
        $map = Bench::document('01-main-caps-thrust-held-back')['map'];
        $map['positions'][0]['landmark'] = '=cmd|x';
        $text = MapCsv::write($map);

        self::assertStringContainsString("'=cmd|x", $text);
        self::assertSame('=cmd|x', MapCsv::read($text, array_values(array_unique(array_column($map['positions'], 'group'))), array_column($map['parts'], 'key'))[0]['landmark'] ?? null);
    }
}
