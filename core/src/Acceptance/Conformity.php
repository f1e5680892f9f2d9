<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;

/** How sure one may be of a verdict when the measurement itself is uncertain (JCGM 106:2012). All values in one unit. */
final class Conformity
{
    /** Steps of Simpson's rule across ±9 standard deviations. */
    private const STEPS = 4000;

    /** Probability that the true value lies in the limits, given what was measured and its standard uncertainty. */
    public static function probability(float $measured, float $u, ?float $lower, ?float $upper): float
    {
        $normal = Distribution::normal();
        $below = $upper === null ? 1.0 : $normal->cdf(($upper - $measured) / $u);
        $under = $lower === null ? 0.0 : $normal->cdf(($lower - $measured) / $u);

        return $below - $under;
    }

    /**
     * Of all items of a population around the middle of symmetric limits ±$limit: the share that is outside and accepted,
     * and the share that is inside and rejected (JCGM 106:2012, 9.5).
     *
     * @return array{falseAcceptance: float, falseRejection: float}
     */
    public static function risks(float $limit, float $acceptance, float $populationSd, float $u): array
    {
        $normal = Distribution::normal();
        $accepted = fn (float $true): float => $normal->cdf(($acceptance - $true) / $u) - $normal->cdf((-$acceptance - $true) / $u);
        $density = fn (float $true): float => exp(-($true / $populationSd) ** 2 / 2) / ($populationSd * sqrt(2 * M_PI));
        $far = max(9 * $populationSd, $limit + 9 * $u);

        return [
            'falseAcceptance' => 2 * self::integral(fn (float $t): float => $density($t) * $accepted($t), new Interval($limit, $far)),
            'falseRejection' => 2 * self::integral(fn (float $t): float => $density($t) * (1 - $accepted($t)), new Interval(0.0, $limit)),
        ];
    }

    /** @param  callable(float): float  $f */
    private static function integral(callable $f, Interval $over): float
    {
        $h = $over->width() / self::STEPS;
        $sum = $f($over->low) + $f($over->high);
        for ($i = 1; $i < self::STEPS; $i++) {
            $sum += ($i % 2 === 1 ? 4 : 2) * $f($over->low + $i * $h);
        }

        return $sum * $h / 3;
    }
}
