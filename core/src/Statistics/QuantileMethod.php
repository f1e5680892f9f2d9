<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** How a quantile is read off a sample: the continuous types of R. J. Hyndman and Y. Fan (1996), by their numbers. */
enum QuantileMethod: int
{
    case LinearOfEmpirical = 4;
    case Hydrology = 5;
    case Weibull = 6;
    /** The usual default of spreadsheets and R. */
    case Gumbel = 7;
    case MedianUnbiased = 8;
    case NormalUnbiased = 9;

    /**
     * @param  list<float>  $values
     * @param  float  $p  0…1
     *
     * @throws TooFew when there are no values
     * @throws StatisticsException unless $p lies in 0…1
     */
    public function of(array $values, float $p): float
    {
        if ($values === []) {
            throw new TooFew('A quantile needs at least one value.');
        }
        if ($p < 0.0 || $p > 1.0) {
            throw new StatisticsException(sprintf('A share from 0 to 1 is wanted, not %g.', $p), 'share', sprintf('%g', $p), '0 to 1');
        }
        sort($values);
        $n = count($values);
        [$alpha, $beta] = match ($this) {
            self::LinearOfEmpirical => [0.0, 1.0],
            self::Hydrology => [0.5, 0.5],
            self::Weibull => [0.0, 0.0],
            self::Gumbel => [1.0, 1.0],
            self::MedianUnbiased => [1 / 3, 1 / 3],
            self::NormalUnbiased => [3 / 8, 3 / 8],
        };
        $place = $alpha + $p * ($n + 1 - $alpha - $beta);
        $below = (int) floor($place + 4e-16 * abs($place));
        $share = $place - $below;
        $share = abs($share) < 4e-16 ? 0.0 : $share;
        $at = fn (int $i): float => $values[max(1, min($n, $i)) - 1];

        return $share === 0.0 ? $at($below) : (1 - $share) * $at($below) + $share * $at($below + 1);
    }
}
