<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** A continuous distribution by its cumulative function; quantiles are found from it. */
final readonly class Distribution
{
    private const MANY = 1e4;

    private const LARGE = 1e6;

    /**
     * @param  callable(float): float  $cdf
     * @param  callable(float): float  $upper  the upper tail, kept apart so that small ones keep their digits
     */
    private function __construct(private mixed $cdf, private mixed $upper, private float $least)
    {
    }

    public static function normal(): self
    {
        $tail = fn (float $x): float => $x >= 0 ? SpecialFunctions::gammaQ(0.5, $x * $x / 2) / 2 : 1 - SpecialFunctions::gammaQ(0.5, $x * $x / 2) / 2;

        return new self(fn (float $x): float => $tail(-$x), $tail, -INF);
    }

    /**
     * Where the degrees of freedom are many, by the expansion around the normal (R. A. Fisher 1926), which has its last
     * digits right there, where the incomplete beta function has lost them.
     *
     * @throws StatisticsException unless $df is a finite number above zero
     */
    public static function studentT(float $df): self
    {
        self::wantFreedom($df, PHP_FLOAT_MAX);
        $normal = self::normal();
        $isNear = fn (float $t): bool => $df > self::LARGE || ($df > self::MANY && $t * $t < $df / 1000);
        $z = fn (float $t): float => $t - ($t ** 3 + $t) / (4 * $df) + (13 * $t ** 5 + 8 * $t ** 3 + 3 * $t) / (96 * $df ** 2) - (35 * $t ** 7 + 19 * $t ** 5 + $t ** 3 - 15 * $t) / (384 * $df ** 3);
        $half = fn (float $x): float => SpecialFunctions::betaI($df / 2, 0.5, $df / ($df + $x * $x), $x * $x / ($df + $x * $x)) / 2;
        $tail = fn (float $x): float => match (true) {
            $isNear($x) => $normal->upperTail($z($x)),
            default => $x >= 0 ? $half($x) : 1 - $half($x),
        };

        return new self(fn (float $x): float => $tail(-$x), $tail, -INF);
    }

    /** @throws StatisticsException unless $df lies above zero and is at most a million */
    public static function chiSquare(float $df): self
    {
        self::wantFreedom($df, self::LARGE);

        return new self(fn (float $x): float => SpecialFunctions::gammaP($df / 2, $x / 2), fn (float $x): float => SpecialFunctions::gammaQ($df / 2, $x / 2), 0.0);
    }

    /** @throws StatisticsException unless both degrees of freedom lie above zero and are at most a million */
    public static function f(float $df1, float $df2): self
    {
        self::wantFreedom($df1, self::LARGE);
        self::wantFreedom($df2, self::LARGE);

        return new self(
            fn (float $x): float => $x <= 0 ? 0.0 : SpecialFunctions::betaI($df1 / 2, $df2 / 2, $df1 * $x / ($df1 * $x + $df2), $df2 / ($df1 * $x + $df2)),
            fn (float $x): float => $x <= 0 ? 1.0 : SpecialFunctions::betaI($df2 / 2, $df1 / 2, $df2 / ($df1 * $x + $df2), $df1 * $x / ($df1 * $x + $df2)),
            0.0,
        );
    }

    /** @throws StatisticsException when $x is no number */
    public function cdf(float $x): float
    {
        self::wantNumber($x);

        return ($this->cdf)($x);
    }

    /** @throws StatisticsException when $x is no number */
    public function upperTail(float $x): float
    {
        self::wantNumber($x);

        return ($this->upper)($x);
    }

    /**
     * The value below which the share $p lies: bracketed, then halved to the last digit.
     *
     * @throws StatisticsException unless 0 < $p < 1
     */
    public function quantile(float $p): float
    {
        if (! ($p > 0.0 && $p < 1.0)) {
            throw new StatisticsException(sprintf('A share between 0 and 1 is wanted, not %g.', $p), 'share', sprintf('%g', $p), 'between 0 and 1');
        }
        [$low, $high] = [$this->least === -INF ? -1.0 : 0.0, 1.0];
        while ($this->isAbove($high, $p) === false) {
            $high *= 2;
        }
        while ($this->least === -INF && $this->isAbove($low, $p)) {
            $low *= 2;
        }
        for ($i = 0; $i < 200 && $high - $low > 1e-15 * max(1e-300, abs($high) + abs($low)); $i++) {
            $middle = ($low + $high) / 2;
            $this->isAbove($middle, $p) ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }

    private function isAbove(float $x, float $p): bool
    {
        return $p > 0.5 ? $this->upperTail($x) <= 1 - $p : $this->cdf($x) >= $p;
    }

    private static function wantFreedom(float $df, float $most): void
    {
        if (! ($df > 0.0 && $df <= $most)) {
            throw new StatisticsException(sprintf('Degrees of freedom above zero and of at most %g are wanted, not %s.', $most, is_nan($df) ? 'no number' : sprintf('%g', $df)), 'degrees of freedom', sprintf('%g', $df), sprintf('above 0, at most %g', $most));
        }
    }

    private static function wantNumber(float $x): void
    {
        if (is_nan($x)) {
            throw new StatisticsException('A number is wanted, not "not a number".', 'value', 'NaN', 'a number');
        }
    }
}
