<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** A straight line through points by ordinary least squares, centred so that digits are kept. */
final readonly class LinearRegression
{
    public int $n;

    public float $slope;

    public float $intercept;

    /** Residual standard deviation, n − 2 degrees of freedom. */
    public float $s;

    private float $xMean;

    private float $yMean;

    private float $sxx;

    private float $syy;

    private float $sxy;

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y  as many
     *
     * @throws TooFew below three points, or when all lie above one x
     * @throws StatisticsException when a coordinate is no finite number
     */
    public function __construct(array $x, array $y)
    {
        $this->n = count($x);
        if ($this->n < 3 || $this->n !== count($y)) {
            throw new TooFew(sprintf('A line with its spread needs at least three points; there are %d.', min($this->n, count($y))));
        }
        $this->xMean = (new Summary($x))->mean;
        $this->yMean = (new Summary($y))->mean;
        $dx = array_map(fn (float $v): float => $v - $this->xMean, $x);
        $dy = array_map(fn (float $v): float => $v - $this->yMean, $y);
        $this->sxx = self::products($dx, $dx);
        $this->syy = self::products($dy, $dy);
        $this->sxy = self::products($dx, $dy);
        if ($this->sxx <= 0.0) {
            throw new TooFew('A line needs points above more than one x.');
        }
        $this->slope = $this->sxy / $this->sxx;
        $this->intercept = $this->yMean - $this->slope * $this->xMean;
        $residuals = array_map(fn (float $a, float $b): float => $b - $this->slope * $a, $dx, $dy);
        $this->s = sqrt(self::products($residuals, $residuals) / ($this->n - 2));
    }

    public function slopeError(): float
    {
        return $this->s / sqrt($this->sxx);
    }

    public function interceptError(): float
    {
        return $this->s * sqrt(1 / $this->n + $this->xMean ** 2 / $this->sxx);
    }

    /**
     * Share of the spread that the line explains.
     *
     * @throws TooFew when the points lie level: there is no spread to explain
     */
    public function rSquared(): float
    {
        if ($this->syy <= 0.0) {
            throw new TooFew('Points that lie level have no spread that a line could explain.');
        }

        return $this->sxy ** 2 / ($this->sxx * $this->syy);
    }

    /** Correlation of the two coefficients (JCGM 100:2008, H.3). */
    public function coefficientCorrelation(): float
    {
        return -$this->xMean / sqrt($this->sxx / $this->n + $this->xMean ** 2);
    }

    public function at(float $x): float
    {
        return $this->yMean + $this->slope * ($x - $this->xMean);
    }

    /** Standard error of the fitted mean at $x. */
    public function meanError(float $x): float
    {
        return $this->s * sqrt(1 / $this->n + ($x - $this->xMean) ** 2 / $this->sxx);
    }

    /** Where the mean at $x lies with this confidence; not for single values. */
    public function confidence(float $x, float $confidence = 0.95): Interval
    {
        $half = $this->t($confidence) * $this->meanError($x);

        return new Interval($this->at($x) - $half, $this->at($x) + $half);
    }

    /** Where a single new value at $x lies with this confidence. */
    public function prediction(float $x, float $confidence = 0.95): Interval
    {
        $half = $this->t($confidence) * hypot($this->s, $this->meanError($x));

        return new Interval($this->at($x) - $half, $this->at($x) + $half);
    }

    /**
     * The x at which the fitted mean is $y.
     *
     * @throws TooFew when the line is level
     */
    public function xFor(float $y): float
    {
        if ($this->slope === 0.0) {
            throw new TooFew('A level line reaches one height everywhere or nowhere.');
        }

        return $this->xMean + ($y - $this->yMean) / $this->slope;
    }

    /**
     * Limits of the x at which the mean is $y (E. C. Fieller 1954).
     *
     * @throws TooFew when the slope is not told from zero at this confidence, so that there are no limits
     */
    public function xInterval(float $y, float $confidence = 0.95): Interval
    {
        if ($this->slope === 0.0) {
            throw new TooFew('A level line reaches one height everywhere or nowhere.');
        }
        $t = $this->t($confidence);
        $g = ($t * $this->slopeError() / $this->slope) ** 2;
        if ($g >= 1.0) {
            throw new TooFew('The slope is not told from zero at this confidence; more points, or a wider range of them, are wanted.');
        }
        $d = ($y - $this->yMean) / $this->slope;
        $half = $t * $this->s / abs($this->slope) * sqrt((1 - $g) / $this->n + $d ** 2 / $this->sxx);

        return new Interval($this->xMean + ($d - $half) / (1 - $g), $this->xMean + ($d + $half) / (1 - $g));
    }

    /**
     * The x between which the whole prediction interval of a single new value lies in low…high; null when nowhere does.
     * Found by halving, since the interval's ends rise with x wherever that is the question.
     */
    public function usable(Interval $window, float $confidence = 0.95): ?Interval
    {
        $reach = 50 * ($window->width() + $this->s) / max(abs($this->slope), 1e-300);
        $middle = $this->xFor(($window->low + $window->high) / 2);
        $fits = fn (float $x): bool => $this->prediction($x, $confidence)->low >= $window->low && $this->prediction($x, $confidence)->high <= $window->high;
        if (! $fits($middle)) {
            return null;
        }
        $edge = function (float $outside) use ($middle, $fits): float {
            $inside = $middle;
            for ($i = 0; $i < 200; $i++) {
                $x = ($inside + $outside) / 2;
                $fits($x) ? $inside = $x : $outside = $x;
            }

            return $inside;
        };

        return new Interval($edge($middle - $reach), $edge($middle + $reach));
    }

    private function t(float $confidence): float
    {
        return Distribution::studentT($this->n - 2)->quantile((1 + $confidence) / 2);
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function products(array $a, array $b): float
    {
        return Summary::sum(array_map(fn (float $p, float $q): float => $p * $q, $a, $b));
    }
}
