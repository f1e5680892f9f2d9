<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\PlainText;
use Tekkal\Core\Document\StageReader;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Unit\Length;

/** The general categories Cc, Cf, Co, Zl and Zp are those of the Unicode Standard, section 4.5. */
final class PlainTextTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function unseen(): iterable
    {
        yield 'Cc, null' => ["a\u{0}"];
        yield 'Cc, bell' => ["a\u{7}b"];
        yield 'Cc, next line of another age' => ["a\u{85}b"];
        yield 'Cf, right-to-left override' => ["stock\u{202E}stlob"];
        yield 'Cf, zero width space' => ["stock\u{200B} bolts"];
        yield 'Cf, soft hyphen' => ["stock\u{AD}bolts"];
        yield 'Zl, line separator' => ["a\u{2028}b"];
        yield 'Co, private use' => ["a\u{E000}"];
        yield 'no UTF-8 at all' => ["a\xFF"];
    }

    #[DataProvider('unseen')]
    public function test_what_cannot_be_seen_is_in_no_name_and_no_text(string $text): void
    {
        self::assertFalse(PlainText::isLine($text));
        self::assertFalse(PlainText::isLines($text));
        $this->refused(['option' => $text], '/option');
    }

    public function test_lines_are_for_texts_and_not_for_names(): void
    {
        self::assertTrue(PlainText::isLines("one\ntwo"));
        self::assertFalse(PlainText::isLine("one\ntwo"));
        self::assertTrue(PlainText::isLine('15 lbf·ft, Ø 10 – “größe” № 4'));
    }

    public function test_a_name_has_at_most_eighty_characters(): void
    {
        $this->refused(['option' => str_repeat('x', 81)], '/option');
        $this->refused(['option' => str_repeat('x', 100_000)], '/option');
    }

    public function test_more_stages_than_any_procedure_has_are_refused_before_one_of_them_is_read(): void
    {
        $document = Bench::document('01-main-caps-thrust-held-back');
        // None of these could be read: had one been, it would be named.
        $this->refused(['stages' => array_fill(0, StageReader::MOST_STAGES + 1, ['key' => 'x', 'kind' => 'nothing'])] + $document, '/stages', 1);
    }

    public function test_two_thousand_positions_are_ordered_each_once_from_the_middle(): void
    {
        $positions = array_map(fn (int $i): Position => new Position("p$i", "p$i", Length::millimetres((string) (($i % 50) * 40)), Length::millimetres((string) (intdiv($i, 50) * 40)), '', ''), range(0, 1999));
        $order = SequenceGenerator::generate(Pattern::CrissCross, $positions);
        $report = (new SequenceJudge($positions))->judge($order);

        self::assertCount(2000, array_unique($order));
        self::assertTrue($report->centreOut);
        self::assertSame([], $report->missing);
    }

    /** @param  array<mixed>  $change */
    private function refused(array $change, string $pointer, ?int $problems = null): void
    {
        try {
            DocumentReader::read($change + Bench::document('01-main-caps-thrust-held-back'));
            self::fail('It was taken.');
        } catch (InvalidDocument $e) {
            self::assertContains($pointer, array_column(array_map(fn ($p): array => (array) $p, $e->problems), 'pointer'));
            if ($problems !== null) {
                self::assertLessThanOrEqual($problems + 3, count($e->problems));
            }
        }
    }
}
