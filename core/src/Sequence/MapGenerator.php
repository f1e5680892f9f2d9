<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\Unit\Length;

/** Lays out positions from a few dimensions, in millimetres; the plane's y grows downward, as the map is drawn. */
final class MapGenerator
{
    public const MOST = 200;

    /**
     * Straight rows, one below the other.
     *
     * @param  int  $rows  1…20
     * @param  int  $each  positions in a row, 1…200
     * @param  float  $pitch  between neighbours of a row
     * @param  float  $apart  between rows
     * @param  bool  $staggered  every second row shifted by half a pitch
     * @return list<array{Length, Length}> x and y, row by row
     *
     * @throws SequenceException when there would be more than MOST positions, or a distance is not above zero
     */
    public static function rows(int $rows, int $each, float $pitch, float $apart, float $x, float $y, bool $staggered = false): array
    {
        self::few($rows * $each);
        self::distances(['pitch' => $each > 1 ? $pitch : 1, 'distance between rows' => $rows > 1 ? $apart : 1]);
        $points = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($i = 0; $i < $each; $i++) {
                $points[] = self::at($x + $i * $pitch + ($staggered && $row % 2 === 1 ? $pitch / 2 : 0), $y + $row * $apart);
            }
        }

        return $points;
    }

    /**
     * A bolt circle, clockwise from a bearing (0° is up).
     *
     * @return list<array{Length, Length}>
     *
     * @throws SequenceException as rows()
     */
    public static function circle(int $count, float $diameter, float $x, float $y, float $from = 0.0): array
    {
        self::few($count);
        self::distances(['diameter' => $diameter]);
        $points = [];
        for ($i = 0; $i < $count; $i++) {
            $bearing = deg2rad($from + 360 * $i / $count);
            $points[] = self::at($x + $diameter / 2 * sin($bearing), $y - $diameter / 2 * cos($bearing));
        }

        return $points;
    }

    /**
     * A pair across each of several parts that stand in a row: caps, rods. The two of one part follow each other.
     *
     * @return list<array{Length, Length}>
     *
     * @throws SequenceException as rows()
     */
    public static function pairs(int $parts, float $pitch, float $across, float $x, float $y): array
    {
        self::few(2 * $parts);
        self::distances(['pitch' => $parts > 1 ? $pitch : 1, 'distance across' => $across]);
        $points = [];
        for ($i = 0; $i < $parts; $i++) {
            array_push($points, self::at($x + $i * $pitch, $y), self::at($x + $i * $pitch, $y + $across));
        }

        return $points;
    }

    private static function few(int $count): void
    {
        if ($count < 1 || $count > self::MOST) {
            throw new SequenceException(sprintf('1 to %d positions are laid out at once, not %d.', self::MOST, $count), 'positions', (string) $count, '1 to '.self::MOST);
        }
    }

    /** @param  array<string, float>  $distances  by what they are called */
    private static function distances(array $distances): void
    {
        foreach ($distances as $name => $mm) {
            if ($mm <= 0 || $mm > 10_000) {
                throw new SequenceException(sprintf('A %s above 0 and up to 10 000 mm is wanted, not %g mm.', $name, $mm), $name, sprintf('%g mm', $mm), 'above 0 and up to 10 000 mm');
            }
        }
    }

    /** @return array{Length, Length} */
    private static function at(float $x, float $y): array
    {
        return [Length::millimetres(sprintf('%.1F', $x + 0.0)), Length::millimetres(sprintf('%.1F', $y + 0.0))];
    }
}
