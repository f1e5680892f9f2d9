<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Review;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Review\Disposition;
use Tekkal\Core\Review\Dispositions;

/** Facts of the trade (common practice, no source): nonconforming work has a disposition piece by piece, and what turns up later has its own. */
final class DispositionsTest extends TestCase
{
    public function test_an_engine_is_done_when_each_fastener_that_is_outside_or_in_doubt_has_its_disposition(): void
    {
        $grave = ['caps/2' => self::at(9), 'caps/3' => self::at(9)];

        self::assertFalse((new Dispositions([]))->isComplete($grave));
        $one = new Dispositions([self::decided('replace', 10, 'caps/2')]);
        self::assertSame([['caps/3'], false], [$one->open($grave), $one->isComplete($grave)]);
        self::assertTrue((new Dispositions([self::decided('replace', 10, 'caps/2'), self::decided('redo', 11, 'caps/3')]))->isComplete($grave));
        self::assertTrue((new Dispositions([self::decided('recall', 10)]))->isComplete($grave));
    }

    public function test_where_everything_stayed_in_it_is_said_once_of_the_whole_engine(): void
    {
        self::assertFalse((new Dispositions([]))->isComplete([]));
        self::assertFalse((new Dispositions([self::decided('audited', 10, 'caps/2')]))->isComplete([]));
        self::assertTrue((new Dispositions([self::decided('use_as_is', 10)]))->isComplete([]));
    }

    public function test_a_later_decision_goes_before_an_earlier_one_about_the_same_and_leaves_the_others(): void
    {
        $all = new Dispositions([self::decided('redo', 12, 'caps/2'), self::decided('recall', 10), self::decided('replace', 11, 'caps/2', 'caps/3')]);

        self::assertSame([['recall', []], ['replace', ['caps/3']], ['redo', ['caps/2']]], array_map(fn (Disposition $d): array => [$d->decision, $d->fasteners], $all->standing()));
        self::assertSame(['redo', 'replace', 'recall'], array_map(fn (string $f): ?string => $all->about($f)?->decision, ['caps/2', 'caps/3', 'caps/4']));
        self::assertNull((new Dispositions([self::decided('redo', 12, 'caps/2')]))->about('caps/4'));
        $anew = new Dispositions([...$all->made, self::decided('use_as_is', 13)]);
        self::assertSame(['use_as_is'], array_column($anew->standing(), 'decision'), 'about the whole engine: nothing else is left');
    }

    public function test_no_decision_speaks_of_what_was_judged_after_it(): void
    {
        $recalled = new Dispositions([self::decided('recall', 10)]);

        self::assertSame(['caps/5'], $recalled->open(['caps/2' => self::at(10), 'caps/5' => self::at(11)]));
        self::assertTrue((new Dispositions([...$recalled->made, self::decided('recall', 12)]))->isComplete(['caps/2' => self::at(10), 'caps/5' => self::at(11)]));
    }

    private static function decided(string $decision, int $hour, string ...$fasteners): Disposition
    {
        return new Disposition($decision, array_values($fasteners), 'lead', self::at($hour));
    }

    private static function at(int $hour): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-06-15T$hour:00:00Z");
    }
}
