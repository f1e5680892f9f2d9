<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Sequence;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Sequence\MapGenerator;
use Tekkal\Core\Unit\Length;

final class MapGeneratorTest extends TestCase
{
    /**
     * The chord between neighbours of n holes on a circle of diameter D is D sin(180°/n) (geometry; the usual table of
     * chords in machinists' handbooks prints, for a diameter of 1: 3 holes 0.866025, 4 0.707107, 5 0.587785, 6 0.5,
     * 7 0.433884, 8 0.382683, 9 0.342020, 12 0.258819, from memory).
     *
     * @return iterable<string, array{int, float}>
     */
    public static function chords(): iterable
    {
        foreach ([3 => 0.866025, 4 => 0.707107, 5 => 0.587785, 6 => 0.5, 7 => 0.433884, 8 => 0.382683, 9 => 0.342020, 12 => 0.258819] as $count => $chord) {
            yield "$count holes" => [$count, $chord];
        }
    }

    #[DataProvider('chords')]
    public function test_neighbours_on_a_circle_lie_a_chord_apart(int $count, float $chord): void
    {
        $points = array_map(self::floats(...), MapGenerator::circle($count, 1000.0, 600.0, 600.0));
        self::assertCount($count, $points);
        foreach ($points as $i => [$x, $y]) {
            [$nx, $ny] = $points[($i + 1) % $count];
            self::assertEqualsWithDelta(1000 * $chord, hypot($nx - $x, $ny - $y), 0.15);
            self::assertEqualsWithDelta(500.0, hypot($x - 600, $y - 600), 0.1);
        }
        self::assertSame([600.0, 100.0], $points[0], 'the first one is up');
        self::assertGreaterThan(600.0, $points[1][0], 'and it goes round clockwise');
    }

    public function test_rows_and_pairs_lie_where_their_dimensions_say(): void
    {
        self::assertSame([[10.0, 20.0], [60.0, 20.0], [110.0, 20.0], [10.0, 90.0], [60.0, 90.0], [110.0, 90.0]], array_map(self::floats(...), MapGenerator::rows(2, 3, 50, 70, 10, 20)));
        self::assertSame([[10.0, 20.0], [60.0, 20.0], [35.0, 90.0], [85.0, 90.0]], array_map(self::floats(...), MapGenerator::rows(2, 2, 50, 70, 10, 20, true)));
        self::assertSame([[58.0, 30.0], [58.0, 122.0], [156.0, 30.0], [156.0, 122.0]], array_map(self::floats(...), MapGenerator::pairs(2, 98, 92, 58, 30)));
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function refused(): iterable
    {
        yield 'none' => [fn () => MapGenerator::rows(0, 3, 10, 10, 0, 0), '1 to 200 positions'];
        yield 'too many' => [fn () => MapGenerator::circle(201, 10, 0, 0), 'not 201'];
        yield 'no pitch' => [fn () => MapGenerator::rows(1, 2, 0, 0, 0, 0), 'pitch above 0'];
        yield 'a circle without width' => [fn () => MapGenerator::circle(4, -1, 0, 0), 'diameter above 0'];
        yield 'pairs without a distance' => [fn () => MapGenerator::pairs(3, 10, 0, 0, 0), 'distance across above 0'];
    }

    /** @param  callable(): mixed  $lay */
    #[DataProvider('refused')]
    public function test_what_cannot_be_laid_out_is_refused_with_its_limit(callable $lay, string $sentence): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($sentence);
        $lay();
    }

    /**
     * @param  array{Length, Length}  $point
     * @return array{float, float}
     */
    private static function floats(array $point): array
    {
        return [$point[0]->inBase()->toFloat(), $point[1]->inBase()->toFloat()];
    }
}
