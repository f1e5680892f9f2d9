<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Sequence;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Sequence\Arrangement;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Length;

/** Rules of orders (common practice, no source); the orders that sources print are among the check values of ReferenceValuesTest. */
final class SequenceGeneratorTest extends TestCase
{
    public function test_loosening_runs_the_same_way_back(): void
    {
        $positions = self::rows(5);

        self::assertSame(array_reverse(SequenceGenerator::generate(Pattern::Spiral, $positions)), SequenceGenerator::generate(Pattern::Spiral, $positions, reversed: true));
    }

    /** Odd counts: a head with nine bolts above and eight below. No source; held to being a permutation from the middle outward. */
    public function test_rows_of_unequal_length_are_still_worked_from_the_middle_outward(): void
    {
        $positions = [...array_slice(self::rows(9), 0, 9), ...array_map(fn (int $i): Position => self::at("B$i", 30 + 60 * $i, 100), range(1, 8))];
        foreach ([Pattern::CrissCross, Pattern::Spiral] as $pattern) {
            $report = (new SequenceJudge($positions))->judge(SequenceGenerator::generate($pattern, $positions));

            self::assertSame([true, true], [$report->isPermutation(), $report->centreOut], $pattern->value);
        }
    }

    /** @return iterable<string, array{int}> */
    public static function counts(): iterable
    {
        foreach ([...range(1, 24), 40, 99] as $n) {
            yield "$n on a circle" => [$n];
        }
    }

    #[DataProvider('counts')]
    public function test_a_cross_and_a_star_take_every_place_once_and_from_five_up_never_the_neighbour_next(int $n): void
    {
        foreach ([SequenceGenerator::cross($n), SequenceGenerator::star($n)] as $order) {
            $sorted = $order;
            sort($sorted);
            self::assertSame(range(1, $n), $sorted);
            self::assertTrue($n < 5 || SequenceJudge::smallestStep($order, $n) >= 2, implode(',', $order));
        }
    }

    /** ASME PCC-1, legacy pattern of 2010 and 2013 for 24 bolts (from memory): the groups of four begin at 1 4 2 5 3 6. */
    public function test_a_cross_of_twenty_four_begins_its_groups_half_a_quarter_apart(): void
    {
        self::assertSame([1, 13, 7, 19, 4, 16, 10, 22, 2, 14, 8, 20, 5, 17, 11, 23, 3, 15, 9, 21, 6, 18, 12, 24], SequenceGenerator::cross(24));
    }

    public function test_places_on_a_circle_go_clockwise_as_the_map_is_drawn(): void
    {
        $circle = self::circle(8);

        self::assertSame(Arrangement::Circle, Arrangement::of($circle));
        self::assertSame(['c1', 'c5', 'c3', 'c7', 'c2', 'c6', 'c4', 'c8'], SequenceGenerator::generate(Pattern::Cross, $circle));
        self::assertSame(Arrangement::Rows, Arrangement::of(self::rows(4)));
    }

    public function test_pairs_take_both_bolts_of_a_part_before_the_next(): void
    {
        $rods = [self::at('1a', 0, 0, 'rod1'), self::at('2a', 60, 0, 'rod2'), self::at('1b', 0, 60, 'rod1'), self::at('2b', 60, 60, 'rod2')];

        self::assertSame(['1a', '1b', '2a', '2b'], SequenceGenerator::generate(Pattern::Pairs, $rods));
        self::assertSame(['1a', '2a', '1b', '2b'], SequenceGenerator::generate(Pattern::Linear, $rods));
    }

    public function test_what_is_missing_twice_or_strange_in_an_order_is_named(): void
    {
        $report = (new SequenceJudge(self::rows(2)))->judge(['A1', 'B2', 'B2', 'C9']);

        self::assertSame([['A2', 'B1'], ['B2'], ['C9']], [$report->missing, $report->twice, $report->strange]);
        self::assertSame(['Left out: A2, B1.', 'More than once: B2.', 'Not on the map: C9.'], $report->faults());
    }

    public function test_a_neighbour_next_is_a_fault_on_a_circle_from_five_up_and_none_on_four(): void
    {
        $round = fn (int $n): int => count((new SequenceJudge(self::circle($n)))->judge(array_map(fn (int $i): string => "c$i", range(1, $n)))->neighbours);

        self::assertSame([0, 4, 7], [$round(4), $round(5), $round(8)]);
        self::assertSame([], (new SequenceJudge(self::circle(6)))->judge(SequenceGenerator::generate(Pattern::Star, self::circle(6)))->faults());
    }

    public function test_the_two_bolts_in_the_middle_of_a_head_are_natural_neighbours(): void
    {
        $report = (new SequenceJudge(self::rows(10)))->judge(SequenceGenerator::generate(Pattern::Spiral, self::rows(10)));

        self::assertSame([], $report->neighbours);
        self::assertSame([['A5', 'A6']], $report->natural);
    }

    /** Bolts 60 mm apart: from the middle outward the centre strays by half a space; end to end by half the head's half-length. */
    public function test_how_far_the_centre_of_what_is_tight_strays_tells_a_good_order_from_a_bad_one(): void
    {
        $judge = new SequenceJudge(self::rows(7));
        $frontToRear = array_merge(...array_map(fn (int $i): array => ["A$i", "B$i"], range(1, 7)));

        self::assertSame('30.000', (string) $judge->judge(SequenceGenerator::generate(Pattern::Spiral, self::rows(7)))->wander->inBase());
        self::assertSame('180.000', (string) $judge->judge($frontToRear)->wander->inBase());
    }

    public function test_patterns_suit_what_they_were_made_for(): void
    {
        self::assertTrue(Pattern::Star->suits(Arrangement::Circle));
        self::assertFalse(Pattern::Star->suits(Arrangement::Rows));
        self::assertTrue(Pattern::Spiral->suits(Arrangement::Rows));
    }

    public function test_nothing_in_nothing_out(): void
    {
        foreach (Pattern::cases() as $pattern) {
            self::assertSame([], SequenceGenerator::generate($pattern, []));
        }
        self::assertTrue((new SequenceJudge([]))->judge([])->isPermutation());
    }

    /** @return list<Position> */
    private static function rows(int $columns): array
    {
        $rows = [];
        foreach (['A' => 0, 'B' => 100] as $row => $y) {
            for ($i = 1; $i <= $columns; $i++) {
                $rows[] = self::at("$row$i", 60 * $i, $y);
            }
        }

        return $rows;
    }

    /** @return list<Position> numbered clockwise from the top */
    private static function circle(int $n): array
    {
        return array_map(fn (int $i): Position => self::at("c$i", (int) round(500 + 400 * sin(2 * M_PI * ($i - 1) / $n)), (int) round(500 - 400 * cos(2 * M_PI * ($i - 1) / $n))), range(1, $n));
    }

    private static function at(string $key, int $x, int $y, string $part = 'part'): Position
    {
        return new Position($key, $key, Length::millimetres($x), Length::millimetres($y), 'group', $part);
    }
}
