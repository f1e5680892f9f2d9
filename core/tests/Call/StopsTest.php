<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Each thing that goes wrong looks otherwise from the corner of an eye, and is explained in words of its own. */
final class StopsTest extends TestCase
{
    #[DataProvider('pulls')]
    public function test_a_pull_that_went_wrong_has_its_word_its_shape_and_its_reason(string $value, string $word, string $shape, string $because): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', $value);
        $stop = (array) $bench->stop();

        self::assertSame([$word, $shape], [$stop['word'], $stop['shape']]);
        self::assertStringContainsString($because, $stop['because']);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function pulls(): iterable
    {
        yield 'short: a nudged click is false' => ['18 lbf·ft', 'Short', 'closed', 'nudging a stopped bolt'];
        yield 'over: nothing of a click' => ['27 lbf·ft', 'Over', 'edge', 'easing it back'];
        yield 'far over: the bolt is lost' => ['80 lbf·ft', 'Over', 'edge', 'the bolt is lost'];
    }

    public function test_every_fault_has_a_word_and_words_of_its_own(): void
    {
        $shapes = [];
        foreach (array_filter(Fault::cases(), fn (Fault $f): bool => $f->isReported() && $f !== Fault::DroppedWrench) as $fault) {
            $bench = new Bench('04-head-two-sizes');
            $bench->reads('snug_large:a2:1', '22 lbf·ft');
            $bench->does('fault_reported', ['fault' => $fault->value, 'at' => 'snug_large:a2:1', 'other' => 'b2']);
            $stop = $bench->stop();
            if ($stop === null) {
                self::assertSame(Fault::TookReaction, $fault, "$fault->value holds nothing but its own position");

                continue;
            }
            self::assertNotSame('', $stop['because'], $fault->value);
            self::assertNotSame('', $stop['reason'], $fault->value);
            $shapes[$stop['shape']] = true;
        }

        self::assertEqualsCanonicalizing(['closed', 'edge', 'cracked', 'dotted', 'half'], array_keys($shapes));
    }

    public function test_a_stop_says_what_it_costs_and_where(): void
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');
        $bench->does('gave_way', ['step' => 'turn_large:a2:1']);
        $stop = (array) $bench->stop();

        self::assertContains('a2', $stop['reaches'], 'and all that is redone with it');
        self::assertMatchesRegularExpression('/^1 new fastener, .*a thread repair; 7 steps done again/', $stop['price']['says']);
    }
}
