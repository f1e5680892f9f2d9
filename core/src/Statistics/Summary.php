<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use Tekkal\Core\Bounds;

/** What a sample is: size, mean, spread. Two passes with compensated sums (Neumaier 1974), so that large values with small spread keep their digits. */
final readonly class Summary
{
    public int $n;

    public float $mean;

    public float $least;

    public float $most;

    private float $squares;

    /**
     * @param  list<float>  $values
     *
     * @throws TooFew when there are none
     * @throws StatisticsException when one is no finite number
     */
    public function __construct(private array $values)
    {
        if ($values === []) {
            throw new TooFew('A summary needs at least one value.');
        }
        (new Bounds(StatisticsException::class))->finite('a value', ...$values);
        $this->n = count($values);
        // Around the first value: what all values share costs no digits.
        $first = $values[0];
        $this->mean = $first + self::sum(array_map(fn (float $x): float => $x - $first, $values)) / $this->n;
        $this->least = min($values);
        $this->most = max($values);
        $mean = self::sum(array_map(fn (float $x): float => $x - $first, $values)) / $this->n;
        $this->squares = self::sum(array_map(fn (float $x): float => ($x - $first - $mean) ** 2, $values));
    }

    /**
     * Sample standard deviation, divisor n − 1.
     *
     * @throws TooFew below two values
     */
    public function sd(): float
    {
        if ($this->n < 2) {
            throw new TooFew('A standard deviation needs at least two values.');
        }

        return sqrt($this->squares / ($this->n - 1));
    }

    public function range(): float
    {
        return $this->most - $this->least;
    }

    /**
     * Lag-1 autocorrelation as NIST StRD defines it.
     *
     * @throws TooFew when the values do not differ
     */
    public function autocorrelation(): float
    {
        if ($this->squares <= 0.0) {
            throw new TooFew('Values that do not differ have no autocorrelation.');
        }
        $products = [];
        for ($i = 1; $i < $this->n; $i++) {
            $products[] = ($this->values[$i] - $this->mean) * ($this->values[$i - 1] - $this->mean);
        }

        return self::sum($products) / $this->squares;
    }

    /**
     * Confidence interval of the mean, Student's t.
     *
     * @throws TooFew below two values
     */
    public function meanInterval(float $confidence = 0.95): Interval
    {
        $half = Distribution::studentT($this->n - 1)->quantile((1 + $confidence) / 2) * $this->sd() / sqrt($this->n);

        return new Interval($this->mean - $half, $this->mean + $half);
    }

    /**
     * Where the next single value will lie, mean ± t s √(1 + 1/n) (G. J. Hahn 1969); for values that come from one normal
     * distribution.
     *
     * @throws TooFew below two values
     */
    public function prediction(float $confidence = 0.95): Interval
    {
        $half = Distribution::studentT($this->n - 1)->quantile((1 + $confidence) / 2) * $this->sd() * sqrt(1 + 1 / $this->n);

        return new Interval($this->mean - $half, $this->mean + $half);
    }

    /**
     * Confidence interval of the standard deviation, chi-square.
     *
     * @throws TooFew below two values
     */
    public function sdInterval(float $confidence = 0.95): Interval
    {
        $chi = Distribution::chiSquare($this->n - 1);
        $root = $this->sd() * sqrt($this->n - 1);

        return new Interval($root / sqrt($chi->quantile((1 + $confidence) / 2)), $root / sqrt($chi->quantile((1 - $confidence) / 2)));
    }

    /** @param  list<float>  $values */
    public static function sum(array $values): float
    {
        $sum = $lost = 0.0;
        foreach ($values as $x) {
            $next = $sum + $x;
            $lost += abs($sum) >= abs($x) ? ($sum - $next) + $x : ($x - $next) + $sum;
            $sum = $next;
        }

        return $sum + $lost;
    }
}
