<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** Limits between which the means, or the single values, of a steady process keep. */
final readonly class ControlChart
{
    private function __construct(
        public float $centre,
        public float $meanRange,
        public float $sigma,
        public Interval $limits,
        public Interval $rangeLimits,
    ) {
    }

    /**
     * Means and ranges.
     *
     * @param  list<non-empty-list<float>>  $subgroups  all of one size
     *
     * @throws TooFew below two subgroups of at least two, or when their sizes differ
     */
    public static function ofSubgroups(array $subgroups): self
    {
        $sizes = array_unique(array_map(count(...), $subgroups));
        if (count($subgroups) < 2 || count($sizes) !== 1 || $sizes[0] < 2) {
            throw new TooFew('A chart of means needs at least two subgroups, all of one size, of at least two values.');
        }
        $constants = new ChartConstants($sizes[0]);
        $centre = (new Summary(array_map(fn (array $g): float => (new Summary($g))->mean, $subgroups)))->mean;
        $range = (new Summary(array_map(fn (array $g): float => max($g) - min($g), $subgroups)))->mean;
        ['A2' => $a2, 'D3' => $d3, 'D4' => $d4] = $constants->derived();

        return new self($centre, $range, $range / $constants->d2, new Interval($centre - $a2 * $range, $centre + $a2 * $range), new Interval($d3 * $range, $d4 * $range));
    }

    /**
     * Single values and moving ranges.
     *
     * @param  list<float>  $values  in the order in which they came
     *
     * @throws TooFew below three values
     */
    public static function ofIndividuals(array $values): self
    {
        if (count($values) < 3) {
            throw new TooFew(sprintf('A chart of single values needs at least three; there are %d.', count($values)));
        }
        $ranges = array_map(fn (float $a, float $b): float => abs($b - $a), array_slice($values, 0, -1), array_slice($values, 1));
        $range = (new Summary($ranges))->mean;
        $constants = new ChartConstants(2);
        ['E2' => $e2, 'D4' => $d4] = $constants->derived();
        $centre = (new Summary($values))->mean;

        return new self($centre, $range, $range / $constants->d2, new Interval($centre - $e2 * $range, $centre + $e2 * $range), new Interval(0.0, $d4 * $range));
    }
}
