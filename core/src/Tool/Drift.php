<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use DateTimeImmutable;
use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Statistics\TooFew;

/**
 * How a tool's deviation moves from calibration to calibration, and when its band will meet the limit. An adjustment sets
 * it back and not its habit: each stretch between two adjustments has its own level, all share one slope (analysis of
 * covariance with parallel lines; least squares within the stretches).
 */
final readonly class Drift
{
    private const FARTHEST_DAYS = 3653;

    private const YEAR_DAYS = 365.25;

    private Day $first;

    private float $slope;

    private float $s;

    private float $squares;

    private int $freedom;

    /** @var array{float, float, int} mean day, mean deviation and number of values of the last stretch */
    private array $last;

    /**
     * @param  list<list<array{Day, float}>>  $stretches  between adjustments, oldest first: day and mean deviation, from as left up to the next as found
     *
     * @throws TooFew when a slope and a spread cannot both be told from it: fewer than two values more than there are stretches, or all on one day
     */
    public function __construct(array $stretches)
    {
        $stretches = array_values(array_filter($stretches, fn (array $s): bool => $s !== []));
        $all = array_merge(...$stretches);
        $this->freedom = count($all) - count($stretches) - 1;
        if ($this->freedom < 1) {
            throw new TooFew('A drift is told from three calibrations at least.');
        }
        $this->first = $all[0][0];
        $centred = $levels = [];
        foreach ($stretches as $stretch) {
            $x = new Summary(array_map(fn (array $v): float => $this->days($v[0]), $stretch));
            $y = new Summary(array_column($stretch, 1));
            $levels[] = [$x->mean, $y->mean, $x->n];
            foreach ($stretch as [$day, $deviation]) {
                $centred[] = [$this->days($day) - $x->mean, $deviation - $y->mean];
            }
        }
        $this->last = $levels[count($levels) - 1];
        $this->squares = Summary::sum(array_map(fn (array $c): float => $c[0] ** 2, $centred));
        if ($this->squares <= 0.0) {
            throw new TooFew('A drift is told from calibrations on different days.');
        }
        $this->slope = Summary::sum(array_map(fn (array $c): float => $c[0] * $c[1], $centred)) / $this->squares;
        $this->s = sqrt(Summary::sum(array_map(fn (array $c): float => ($c[1] - $this->slope * $c[0]) ** 2, $centred)) / $this->freedom);
    }

    /** In the unit of the deviations, a year. */
    public function perYear(): float
    {
        return $this->slope * self::YEAR_DAYS;
    }

    /** What is expected of it on a day, as it was left last. */
    public function at(Day $day): float
    {
        return $this->expected($this->days($day));
    }

    /** The interval in which a single new deviation is expected on a day. */
    public function band(Day $day, float $confidence = 0.95): Interval
    {
        $half = $this->quantile($confidence) * $this->spread($this->days($day));

        return new Interval($this->at($day) - $half, $this->at($day) + $half);
    }

    /**
     * The first day from $from on, on which a single new deviation may lie beyond ±$limit; null within ten years of it.
     *
     * @param  Day|null  $from  null: since the first day there is
     *
     * @throws ToolException unless the limit is above 0
     */
    public function meets(float $limit, float $confidence = 0.95, ?Day $from = null): ?Day
    {
        (new Bounds(ToolException::class))->above0('the limit', $limit);
        $start = $this->days($from ?? $this->first);
        $quantile = $this->quantile($confidence);
        for ($day = $start; $day <= $start + self::FARTHEST_DAYS; $day++) {
            if (abs($this->expected($day)) + $quantile * $this->spread($day) >= $limit) {
                return Day::of((new DateTimeImmutable($this->first->date))->modify(sprintf('%+d days', (int) $day))->format('Y-m-d'));
            }
        }

        return null;
    }

    private function quantile(float $confidence): float
    {
        return Distribution::studentT($this->freedom)->quantile(1 - (1 - $confidence) / 2);
    }

    /** @param  float  $day  since the first */
    private function expected(float $day): float
    {
        return $this->last[1] + $this->slope * ($day - $this->last[0]);
    }

    /** Standard deviation of a single new value on a day. */
    private function spread(float $day): float
    {
        return $this->s * sqrt(1 + 1 / $this->last[2] + ($day - $this->last[0]) ** 2 / $this->squares);
    }

    private function days(Day $day): float
    {
        return (float) $this->first->daysTo($day);
    }
}
