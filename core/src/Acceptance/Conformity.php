<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Distribution;

/** How sure one may be of a verdict when the measurement itself is uncertain (JCGM 106:2012). All values in one unit. */
final class Conformity
{
    /** Steps of Simpson's rule in each piece. */
    private const STEPS = 2000;

    /**
     * Probability that the true value lies in the limits, given what was measured and its standard uncertainty.
     *
     * @throws AcceptanceException unless u is above 0, there is a limit, and the lower lies below the upper
     */
    public static function probability(float $measured, float $u, ?float $lower, ?float $upper): float
    {
        $bounds = new Bounds(AcceptanceException::class);
        $bounds->finite('what was measured', $measured, $lower, $upper);
        $bounds->above0('the standard uncertainty', $u);
        $bounds->some('the limits', array_filter([$lower, $upper], fn (?float $l): bool => $l !== null));
        if ($lower !== null && $upper !== null) {
            $bounds->inOrder('the limits', $lower, $upper);
        }
        $normal = Distribution::normal();
        $below = $upper === null ? 1.0 : $normal->cdf(($upper - $measured) / $u);
        $under = $lower === null ? 0.0 : $normal->cdf(($lower - $measured) / $u);

        return $below - $under;
    }

    /**
     * Of all items of a population around the middle of symmetric limits ±$limit: the share that is outside and accepted,
     * and the share that is inside and rejected (JCGM 106:2012, 9.5). Integrated piece by piece, since what is accepted
     * changes within a few u of the limit of acceptance, however narrow that is beside the spread.
     *
     * @return array{falseAcceptance: float, falseRejection: float}
     *
     * @throws AcceptanceException unless all four are above 0
     */
    public static function risks(float $limit, float $acceptance, float $populationSd, float $u): array
    {
        (new Bounds(AcceptanceException::class))->above0('a limit, a spread or an uncertainty', $limit, $acceptance, $populationSd, $u);
        $normal = Distribution::normal();
        $accepted = fn (float $true): float => $normal->cdf(($acceptance - $true) / $u) - $normal->cdf((-$acceptance - $true) / $u);
        $density = fn (float $true): float => exp(-($true / $populationSd) ** 2 / 2) / ($populationSd * sqrt(2 * M_PI));
        $edges = [$acceptance - 9 * $u, $acceptance - 3 * $u, $acceptance, $acceptance + 3 * $u, $acceptance + 9 * $u, $populationSd, 3 * $populationSd, 9 * $populationSd];
        $far = max(9 * $populationSd, $limit + 9 * $u);

        return [
            'falseAcceptance' => 2 * self::integral(fn (float $t): float => $density($t) * $accepted($t), $limit, $far, $edges),
            'falseRejection' => 2 * self::integral(fn (float $t): float => $density($t) * (1 - $accepted($t)), 0.0, $limit, $edges),
        ];
    }

    /**
     * @param  callable(float): float  $f
     * @param  list<float>  $edges  at which the pieces meet, as far as they lie between
     */
    private static function integral(callable $f, float $from, float $to, array $edges): float
    {
        $ends = [$from, ...array_filter($edges, fn (float $e): bool => $e > $from && $e < $to), $to];
        sort($ends);
        $sum = 0.0;
        for ($i = 1; $i < count($ends); $i++) {
            $sum += self::piece($f, $ends[$i - 1], $ends[$i]);
        }

        return $sum;
    }

    /** @param  callable(float): float  $f */
    private static function piece(callable $f, float $from, float $to): float
    {
        $h = ($to - $from) / self::STEPS;
        $sum = $f($from) + $f($to);
        for ($i = 1; $i < self::STEPS; $i++) {
            $sum += ($i % 2 === 1 ? 4 : 2) * $f($from + $i * $h);
        }

        return $sum * $h / 3;
    }
}
