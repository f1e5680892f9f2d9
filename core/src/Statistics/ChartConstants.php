<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use Tekkal\Core\Bounds;

/**
 * Constants of control charts for subgroups of n, computed from their definitions: d2 and d3 are mean and standard
 * deviation of the range of n standard normal values, c4 the mean of their standard deviation. d2 to 13 digits, d3 to 10;
 * for n = 2 they are 2/√π and √(2 − 4/π).
 */
final class ChartConstants
{
    public readonly float $d2;

    public readonly float $d3;

    public readonly float $c4;

    /** @var array<int, array{float, float}> what was summed once, by size; the sums take longer than all that is made of them */
    private static array $known = [];

    /** @throws StatisticsException unless 2 ≤ $n ≤ 25 */
    public function __construct(public readonly int $n)
    {
        if ($n < 2 || $n > 25) {
            throw new StatisticsException(sprintf('Subgroups of 2 to 25 are wanted, not of %d.', $n), 'subgroup size', (string) $n, '2 to 25');
        }
        [$mean, $square] = self::$known[$n] ??= self::range($n);
        $this->d2 = $mean;
        $this->d3 = sqrt($square - $mean ** 2);
        $this->c4 = sqrt(2 / ($n - 1)) * exp(SpecialFunctions::logGamma($n / 2) - SpecialFunctions::logGamma(($n - 1) / 2));
    }

    /** @return array{A2: float, A3: float, D3: float, D4: float, B3: float, B4: float, E2: float} */
    public function derived(): array
    {
        $spread = 3 * sqrt(1 - $this->c4 ** 2) / $this->c4;

        return [
            'A2' => 3 / ($this->d2 * sqrt($this->n)), 'A3' => 3 / ($this->c4 * sqrt($this->n)),
            'D3' => max(0.0, 1 - 3 * $this->d3 / $this->d2), 'D4' => 1 + 3 * $this->d3 / $this->d2,
            'B3' => max(0.0, 1 - $spread), 'B4' => 1 + $spread, 'E2' => 3 / $this->d2,
        ];
    }

    /**
     * Degrees of freedom of a standard deviation that is taken from the mean range of so many subgroups: those of the χ that
     * has its coefficient of variation, ν = 1/(2 √(1 + 2 (d3/d2)²/k) − 2) (P. B. Patnaik 1950).
     *
     * @throws StatisticsException below one subgroup
     */
    public function freedom(int $subgroups): float
    {
        (new Bounds(StatisticsException::class))->between('the number of subgroups', (float) $subgroups, 1.0, 1e9);

        return 1 / (2 * sqrt(1 + 2 * ($this->d3 / $this->d2) ** 2 / $subgroups) - 2);
    }

    /**
     * E[W] = ∫ [1 − Φⁿ − (1 − Φ)ⁿ] dx (L. H. C. Tippett 1925), whose bell the trapezoid rule sums to the last digits; and
     * E[W²] = 2 ∫ w P(W > w) dw from 0, with P(W ≤ w) = n ∫ φ(x) [Φ(x+w) − Φ(x)]^(n−1) dx (H. L. Harter 1960), by
     * Romberg's rule, since that integrand does not begin level.
     *
     * @return array{float, float}
     */
    private static function range(int $n): array
    {
        $step = 0.05;
        $phi = $density = [];
        $normal = Distribution::normal();
        for ($i = -180; $i <= 420; $i++) {
            $phi[$i] = $normal->cdf($i * $step);
            $density[$i] = exp(-($i * $step) ** 2 / 2) / sqrt(2 * M_PI);
        }
        $mean = 0.0;
        for ($i = -180; $i <= 180; $i++) {
            $mean += $step * (1 - $phi[$i] ** $n - $phi[-$i] ** $n);
        }
        $values = [];
        for ($w = 0; $w <= 240; $w++) {
            $below = 0.0;
            for ($i = -180; $i <= 180; $i++) {
                $below += $density[$i] * ($phi[$i + $w] - $phi[$i]) ** ($n - 1);
            }
            $values[] = 2 * $w * $step * (1 - $n * $below * $step);
        }

        return [$mean, self::romberg($values, $step)];
    }

    /** @param  non-empty-list<float>  $values  at equal steps, their count one more than a multiple of 16 */
    private static function romberg(array $values, float $step): float
    {
        $rows = [];
        for ($stride = 16; $stride >= 1; $stride = intdiv($stride, 2)) {
            $sum = -($values[0] + $values[count($values) - 1]) / 2;
            for ($i = 0; $i < count($values); $i += $stride) {
                $sum += $values[$i];
            }
            $row = [$sum * $step * $stride];
            foreach ($rows === [] ? [] : $rows[count($rows) - 1] as $k => $coarser) {
                $row[] = $row[$k] + ($row[$k] - $coarser) / (4 ** ($k + 1) - 1);
            }
            $rows[] = $row;
        }
        $last = $rows[count($rows) - 1];

        return $last[count($last) - 1];
    }
}
