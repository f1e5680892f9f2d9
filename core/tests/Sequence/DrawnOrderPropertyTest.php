<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Sequence;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Sequence\MapGenerator;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Length;

/** Maps drawn at random from a few dimensions, by seed: what is generated on them, and what the judge finds of planted faults. */
final class DrawnOrderPropertyTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 50) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_every_pattern_that_suits_a_map_names_each_position_once(int $seed): void
    {
        $positions = self::drawn(new Randomizer(new Xoshiro256StarStar($seed)));
        $judge = new SequenceJudge($positions);
        foreach (array_filter(Pattern::cases(), fn (Pattern $p): bool => $p->suits($judge->arrangement)) as $pattern) {
            $order = SequenceGenerator::generate($pattern, $positions);
            self::assertTrue($judge->judge($order)->isPermutation(), $pattern->words());
            self::assertSame(array_reverse($order), SequenceGenerator::generate($pattern, $positions, true), "{$pattern->words()}, for loosening from the outside in");
        }
    }

    #[DataProvider('seeds')]
    public function test_an_order_does_not_depend_on_how_the_positions_are_listed(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $positions = self::drawn($random);
        $judge = new SequenceJudge($positions);
        foreach ([Pattern::Linear, Pattern::CrissCross, Pattern::Spiral] as $pattern) {
            if ($pattern->suits($judge->arrangement)) {
                self::assertSame(SequenceGenerator::generate($pattern, $positions), SequenceGenerator::generate($pattern, $random->shuffleArray($positions)), $pattern->words());
            }
        }
    }

    /** A key that looks like a number is a key like any other. */
    #[DataProvider('seeds')]
    public function test_an_order_does_not_depend_on_what_the_positions_are_called(int $seed): void
    {
        $positions = self::drawn(new Randomizer(new Xoshiro256StarStar($seed)));
        $numbered = array_map(fn (Position $p): Position => new Position($p->number, $p->number, $p->x, $p->y, $p->group, $p->part), $positions);
        $numbers = array_column($positions, 'number', 'key');
        foreach (array_filter(Pattern::cases(), fn (Pattern $p): bool => $p->suits((new SequenceJudge($positions))->arrangement)) as $pattern) {
            $order = array_map(fn (string $key): string => $numbers[$key], SequenceGenerator::generate($pattern, $positions));
            self::assertEqualsCanonicalizing($order, SequenceGenerator::generate($pattern, $numbered), $pattern->words());
            self::assertContainsOnly('string', SequenceGenerator::generate($pattern, $numbered));
        }
    }

    #[DataProvider('seeds')]
    public function test_what_is_left_out_said_twice_or_not_there_is_found_by_name(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $positions = self::drawn($random);
        $order = SequenceGenerator::generate(Pattern::Linear, $positions);
        $out = $random->getInt(0, count($order) - 1);
        $left = $order[$out];
        unset($order[$out]);
        $order = array_values($order);
        $twice = $order[$random->getInt(0, count($order) - 1)];
        array_splice($order, $random->getInt(0, count($order)), 0, [$twice]);
        array_splice($order, $random->getInt(0, count($order)), 0, ['nowhere']);
        $report = (new SequenceJudge($positions))->judge($order);

        self::assertSame([[$left], [$twice], ['nowhere']], [$report->missing, $report->twice, $report->strange]);
        self::assertFalse($report->isPermutation());
    }

    /** On a circle of five or more no pattern of the trade goes to the bolt next door (the star's and the cross's purpose; common practice, no source). */
    #[DataProvider('seeds')]
    public function test_a_cross_or_star_on_a_circle_never_takes_the_neighbour_next_where_it_can_be_avoided(int $seed): void
    {
        $positions = self::named(MapGenerator::circle(5 + $seed % 12, 80.0 + $seed, 200.0, 200.0, (float) (7 * $seed)));
        $judge = new SequenceJudge($positions);
        foreach ([Pattern::Cross, Pattern::Star] as $pattern) {
            self::assertSame([], $judge->judge(SequenceGenerator::generate($pattern, $positions))->neighbours, $pattern->words().' of '.count($positions));
        }
    }

    /** The wander, computed again: how far the centre of what is tight lies from the centre of all, at its worst. */
    #[DataProvider('seeds')]
    public function test_how_far_the_tightened_set_strays_is_what_arithmetic_says(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $positions = self::drawn($random);
        $order = $random->shuffleArray($positions);
        $mean = fn (array $of): array => [array_sum(array_map(self::x(...), $of)) / count($of), array_sum(array_map(self::y(...), $of)) / count($of)];
        [$cx, $cy] = $mean($positions);
        $worst = 0.0;
        // A single fastener is always off the centre; it counts from the second on.
        foreach (range(2, count($order)) as $count) {
            [$x, $y] = $mean(array_slice($order, 0, $count));
            $worst = max($worst, hypot($x - $cx, $y - $cy));
        }
        $said = (new SequenceJudge($positions))->judge(array_map(fn (Position $p): string => $p->key, $order))->wander->inBase()->toFloat();

        self::assertEqualsWithDelta($worst, $said, 0.001);
    }

    /** @return list<Position> */
    private static function drawn(Randomizer $random): array
    {
        return self::named(match ($random->getInt(0, 2)) {
            0 => MapGenerator::rows($random->getInt(1, 3), $random->getInt(3, 7), 30.0 + $random->getInt(0, 40), 60.0 + $random->getInt(0, 60), 20.0, 20.0),
            1 => MapGenerator::circle($random->getInt(4, 14), 100.0 + $random->getInt(0, 200), 250.0, 250.0),
            default => MapGenerator::pairs($random->getInt(2, 7), 60.0 + $random->getInt(0, 40), 80.0, 30.0, 30.0),
        });
    }

    /**
     * @param  list<array{Length, Length}>  $points
     * @return list<Position>
     */
    private static function named(array $points): array
    {
        return array_map(fn (array $p, int $i): Position => new Position("p$i", (string) ($i + 1), $p[0], $p[1], 'g', 'a'), $points, array_keys($points));
    }

    private static function x(Position $p): float
    {
        return $p->x->inBase()->toFloat();
    }

    private static function y(Position $p): float
    {
        return $p->y->inBase()->toFloat();
    }
}
