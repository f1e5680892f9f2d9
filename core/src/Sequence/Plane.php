<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

/**
 * Positions as points of a plane, in millimetres about their centre; x to the right, y down, as the map is drawn. The long
 * way of the joint is called along, the short one across. For the arithmetic of orders only; floats stay in this folder.
 */
final readonly class Plane
{
    /** Points whose distance across is less than this share of the whole lie in one row. */
    private const ONE_ROW = 0.2;

    /** Distances from the centre that differ by less than this share of the spacing count as equal. */
    private const SAME_BAND = 0.25;

    /** @var array<string, array{float, float}> along and across, by position key */
    public array $points;

    /** @var array<string, array{float, float}> x and y */
    private array $flat;

    private bool $twoRows;

    /** @param  list<Position>  $positions */
    public function __construct(array $positions)
    {
        $xs = array_map(fn (Position $p): float => $p->x->inBase()->toFloat(), $positions);
        $ys = array_map(fn (Position $p): float => $p->y->inBase()->toFloat(), $positions);
        $count = max(1, count($positions));
        [$cx, $cy] = [array_sum($xs) / $count, array_sum($ys) / $count];
        $wide = self::goesAlong($xs, $ys);
        $points = $flat = [];
        foreach ($positions as $i => $p) {
            $flat[$p->key] = [$xs[$i] - $cx, $ys[$i] - $cy];
            $points[$p->key] = $wide ? $flat[$p->key] : array_reverse($flat[$p->key]);
        }
        $this->points = $points;
        $this->flat = $flat;
        $this->twoRows = min(self::lines($xs), self::lines($ys)) <= 2;
    }

    /** Do all stand on two straight lines, along x or along y? */
    public function standsInTwoRows(): bool
    {
        return $this->twoRows;
    }

    /** @return list<float> distances from the centre */
    public function radii(): array
    {
        return array_map(fn (array $p): float => hypot($p[0], $p[1]), array_values($this->points));
    }

    /** @return list<non-empty-list<string>> rows across, each sorted along */
    public function rows(): array
    {
        $keys = $this->keys();
        usort($keys, fn (string $a, string $b): int => $this->points[$a][1] <=> $this->points[$b][1]);
        $gap = max(2.0, self::extent(array_map(fn (array $p): float => $p[1], array_values($this->points))) * self::ONE_ROW);
        $rows = [];
        $last = null;
        foreach ($keys as $key) {
            $here = $this->points[$key][1];
            if ($last === null || $here - $last > $gap) {
                $rows[] = [];
            }
            $rows[count($rows) - 1][] = $key;
            $last = $here;
        }
        foreach ($rows as $i => $row) {
            usort($row, fn (string $a, string $b): int => $this->points[$a][0] <=> $this->points[$b][0]);
            $rows[$i] = $row;
        }

        return $rows;
    }

    /**
     * Bands of equal distance from the middle, along the joint: the centre first.
     *
     * @return list<non-empty-list<string>>
     */
    public function bands(): array
    {
        $keys = $this->keys();
        usort($keys, fn (string $a, string $b): int => [abs($this->points[$a][0]), $a] <=> [abs($this->points[$b][0]), $b]);
        $bands = [];
        $near = null;
        $same = $this->spacing() * self::SAME_BAND;
        foreach ($keys as $key) {
            $here = abs($this->points[$key][0]);
            if ($near === null || $here - $near > $same) {
                $bands[] = [];
                $near = $here;
            }
            $bands[count($bands) - 1][] = $key;
        }

        return $bands;
    }

    /** @return list<string> clockwise, beginning at the given one, else at the topmost */
    public function clockwise(?string $from = null): array
    {
        $keys = $this->keys();
        usort($keys, fn (string $a, string $b): int => $this->bearing($a) <=> $this->bearing($b));
        $start = $from === null ? 0 : (int) array_search($from, $keys, true);

        return [...array_slice($keys, $start), ...array_slice($keys, 0, $start)];
    }

    /** @return list<string> of all positions; PHP makes a number of an array's key that looks like one */
    private function keys(): array
    {
        return array_map(strval(...), array_keys($this->points));
    }

    /** The usual distance between neighbours of a row. */
    private function spacing(): float
    {
        $gaps = [];
        foreach ($this->rows() as $row) {
            for ($i = 1; $i < count($row); $i++) {
                $gaps[] = $this->points[$row[$i]][0] - $this->points[$row[$i - 1]][0];
            }
        }
        sort($gaps);

        return $gaps === [] ? 1.0 : $gaps[intdiv(count($gaps), 2)];
    }

    /**
     * Does the joint go along x? The longer way, unless its positions stand in two rows that lie farther apart than they are
     * long: two rows they are still.
     *
     * @param  list<float>  $xs
     * @param  list<float>  $ys
     */
    private static function goesAlong(array $xs, array $ys): bool
    {
        [$columns, $rows] = [self::lines($xs), self::lines($ys)];

        return match (true) {
            $rows <= 2 && $columns > 2 => true,
            $columns <= 2 && $rows > 2 => false,
            default => self::extent($xs) >= self::extent($ys),
        };
    }

    /**
     * On how many lines do they stand? What differs by less than two millimetres is drawn by hand.
     *
     * @param  list<float>  $values
     */
    private static function lines(array $values): int
    {
        sort($values);
        $lines = 0;
        foreach ($values as $i => $value) {
            $lines += $i === 0 || $value - $values[$i - 1] > 2.0 ? 1 : 0;
        }

        return $lines;
    }

    /** @param  list<float>  $values */
    private static function extent(array $values): float
    {
        return $values === [] ? 0.0 : max($values) - min($values);
    }

    /** Degrees clockwise from the top of the map. */
    private function bearing(string $key): float
    {
        $degrees = rad2deg(atan2($this->flat[$key][0], -$this->flat[$key][1]));

        return $degrees < -1e-9 ? $degrees + 360 : $degrees;
    }
}
