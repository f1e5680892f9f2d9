<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use Tekkal\Core\Bounds;

/**
 * How well a process lies within its limits: Pp and Ppk from the overall standard deviation (n − 1), Cp and Cpk from that
 * within subgroups, with their intervals, and the percentile form of ISO 22514-2 for skewed data (from memory).
 */
final readonly class Capability
{
    /** Fewer say too little to be called a capability; the shop may ask for more (common practice, no source). */
    public const FEWEST = 25;

    /**
     * @param  float|null  $lower  limit, in the unit of the values
     *
     * @throws TooFew without limits, below two values, or without any spread
     * @throws StatisticsException when a number is not finite, or the lower limit does not lie below the upper
     */
    private function __construct(
        private float $mean,
        private float $sd,
        private int $n,
        private ?float $lower,
        private ?float $upper,
        private ?float $freedom = null,
    ) {
        $bounds = new Bounds(StatisticsException::class);
        $bounds->finite('a mean, a spread or a limit', $mean, $sd, $lower, $upper);
        if ($lower !== null && $upper !== null) {
            $bounds->inOrder('the limits', $lower, $upper);
        }
        if ($n < 2) {
            throw new TooFew(sprintf('A spread needs at least two values; there are %d.', $n));
        }
        if ($lower === null && $upper === null) {
            throw new TooFew('A capability needs at least one limit.');
        }
        if ($sd <= 0.0) {
            throw new TooFew('The values do not differ; the tool shows too coarse steps, or they are not measured.');
        }
    }

    /**
     * Overall: Pp and Ppk.
     *
     * @param  list<float>  $values
     *
     * @throws TooFew below $fewest values, without limits, or without any spread
     */
    public static function overall(array $values, ?float $lower, ?float $upper, int $fewest = self::FEWEST): self
    {
        if (count($values) < $fewest) {
            throw new TooFew(sprintf('A capability needs at least %d values; there are %d.', $fewest, count($values)));
        }
        $summary = new Summary($values);

        return new self($summary->mean, $summary->sd(), $summary->n, $lower, $upper);
    }

    /**
     * Within subgroups: Cp and Cpk, sigma from the mean range, which has fewer degrees of freedom than there are values.
     *
     * @param  list<non-empty-list<float>>  $subgroups  all of one size
     *
     * @throws TooFew below two subgroups, without limits, or without any spread
     */
    public static function within(array $subgroups, ?float $lower, ?float $upper): self
    {
        $chart = ControlChart::ofSubgroups($subgroups);

        return new self($chart->centre, $chart->sigma, count(array_merge(...$subgroups)), $lower, $upper, (new ChartConstants(count($subgroups[0])))->freedom(count($subgroups)));
    }

    /** From a mean and a standard deviation that somebody else found. */
    public static function of(float $mean, float $sd, int $n, ?float $lower, ?float $upper): self
    {
        return new self($mean, $sd, $n, $lower, $upper);
    }

    /** Width of the window in spreads of six sigma; null for a one-sided window. */
    public function potential(): ?float
    {
        return $this->lower === null || $this->upper === null ? null : ($this->upper - $this->lower) / (6 * $this->sd);
    }

    /** Distance to the nearer limit in spreads of three sigma. */
    public function actual(): float
    {
        return min(
            $this->upper === null ? INF : ($this->upper - $this->mean) / (3 * $this->sd),
            $this->lower === null ? INF : ($this->mean - $this->lower) / (3 * $this->sd),
        );
    }

    /** Interval of the potential, chi-square; null for a one-sided window. */
    public function potentialInterval(float $confidence = 0.95): ?Interval
    {
        $p = $this->potential();
        $freedom = $this->freedom ?? $this->n - 1;
        $chi = Distribution::chiSquare($freedom);
        $at = fn (float $share): float => ($p ?? 0.0) * sqrt($chi->quantile($share) / $freedom);

        return $p === null ? null : new Interval($at((1 - $confidence) / 2), $at((1 + $confidence) / 2));
    }

    /** Interval of the actual one, normal approximation (A. F. Bissell 1990). */
    public function actualInterval(float $confidence = 0.95): Interval
    {
        $p = $this->actual();
        $half = Distribution::normal()->quantile((1 + $confidence) / 2) * sqrt(1 / (9 * $this->n) + $p ** 2 / (2 * ($this->freedom ?? $this->n - 1)));

        return new Interval($p - $half, $p + $half);
    }

    /** Share beyond the nearer limit, in parts per million, if the values were normal. */
    public static function partsPerMillion(float $actual): float
    {
        return 1e6 * Distribution::normal()->upperTail(3 * $actual);
    }

    /**
     * The percentile form: spreads are read off the sample at 0.135, 50 and 99.865 %, whatever its shape (ISO 22514-2).
     *
     * @return array{float, float} Pp and Ppk
     *
     * @throws StatisticsException unless low, median and high, and the limits, rise
     */
    public static function byPercentiles(float $low, float $median, float $high, float $lower, float $upper): array
    {
        $bounds = new Bounds(StatisticsException::class);
        $bounds->inOrder('the percentiles', $low, $median);
        $bounds->inOrder('the percentiles', $median, $high);
        $bounds->inOrder('the limits', $lower, $upper);

        return [($upper - $lower) / ($high - $low), min(($upper - $median) / ($high - $median), ($median - $lower) / ($median - $low))];
    }
}
