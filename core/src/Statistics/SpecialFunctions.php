<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** The functions on which the distributions rest, to about 14 digits. */
final class SpecialFunctions
{
    private const EPSILON = 1e-16;

    private const MOST_STEPS = 10_000;

    /** Lanczos' approximation, g = 607/128, 15 terms (P. Godfrey's coefficients, from memory). */
    private const LANCZOS = [
        0.99999999999999709182, 57.156235665862923517, -59.597960355475491248, 14.136097974741747174, -0.49191381609762019978,
        .33994649984811888699e-4, .46523628927048575665e-4, -.98374475304879564677e-4, .15808870322491248884e-3, -.21026444172410488319e-3,
        .21743961811521264320e-3, -.16431810653676389022e-3, .84418223983852743293e-4, -.26190838401581408670e-4, .36899182659531622704e-5,
    ];

    /** ln Γ(x), x > 0. */
    public static function logGamma(float $x): float
    {
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 15; $i++) {
            $sum += self::LANCZOS[$i] / ($x + $i);
        }
        $t = $x + 607 / 128 + 0.5;

        return ($x + 0.5) * log($t) - $t + log(2.5066282746310005 * $sum / $x);
    }

    /** Regularised lower incomplete gamma P(a, x): series below a + 1, continued fraction above (Abramowitz & Stegun 6.5.29, 6.5.31). */
    public static function gammaP(float $a, float $x): float
    {
        if ($x <= 0.0) {
            return 0.0;
        }
        $scale = exp($a * log($x) - $x - self::logGamma($a));

        return $x < $a + 1 ? $scale * self::gammaSeries($a, $x) : 1 - $scale * self::gammaFraction($a, $x);
    }

    /** Q(a, x) = 1 − P(a, x), without losing digits in the upper tail. */
    public static function gammaQ(float $a, float $x): float
    {
        if ($x <= 0.0) {
            return 1.0;
        }
        $scale = exp($a * log($x) - $x - self::logGamma($a));

        return $x < $a + 1 ? 1 - $scale * self::gammaSeries($a, $x) : $scale * self::gammaFraction($a, $x);
    }

    /**
     * Regularised incomplete beta I_x(a, b), by its continued fraction (Abramowitz & Stegun 26.5.8).
     *
     * @param  float  $y  1 − x, given apart because near x = 1 the difference has lost its digits
     */
    public static function betaI(float $a, float $b, float $x, float $y): float
    {
        if ($x <= 0.0 || $y <= 0.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $scale = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * ($y < 0.5 ? log1p(-$y) : log($x)) + $b * ($x < 0.5 ? log1p(-$x) : log($y)));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $scale * self::betaFraction($a, $b, $x) / $a
            : 1 - $scale * self::betaFraction($b, $a, $y) / $b;
    }

    private static function gammaSeries(float $a, float $x): float
    {
        $term = $sum = 1 / $a;
        for ($n = 1; $n < self::MOST_STEPS; $n++) {
            $term *= $x / ($a + $n);
            $sum += $term;
            if (abs($term) < abs($sum) * self::EPSILON) {
                return $sum;
            }
        }

        throw new StatisticsException('The incomplete gamma series did not settle; the numbers are too large for it.', 'series', '', 'smaller numbers');
    }

    /** Lentz's method. */
    private static function gammaFraction(float $a, float $x): float
    {
        $b = $x + 1 - $a;
        $c = 1e300;
        $d = $h = 1 / $b;
        for ($i = 1; $i < self::MOST_STEPS; $i++) {
            $an = -$i * ($i - $a);
            $b += 2;
            $d = 1 / self::away($an * $d + $b);
            $c = self::away($b + $an / $c);
            $h *= $d * $c;
            if (abs($d * $c - 1) < self::EPSILON * 4) {
                return $h;
            }
        }

        throw new StatisticsException('The incomplete gamma fraction did not settle; the numbers are too large for it.', 'series', '', 'smaller numbers');
    }

    private static function betaFraction(float $a, float $b, float $x): float
    {
        $c = 1.0;
        $d = $h = 1 / self::away(1 - ($a + $b) * $x / ($a + 1));
        for ($m = 1; $m < self::MOST_STEPS; $m++) {
            foreach ([$m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)), -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1))] as $term) {
                $d = 1 / self::away(1 + $term * $d);
                $c = self::away(1 + $term / $c);
                $h *= $d * $c;
            }
            if (abs($d * $c - 1) < self::EPSILON * 4) {
                return $h;
            }
        }

        throw new StatisticsException('The incomplete beta fraction did not settle; the numbers are too large for it.', 'series', '', 'smaller numbers');
    }

    private static function away(float $x): float
    {
        return abs($x) < 1e-300 ? 1e-300 : $x;
    }
}
