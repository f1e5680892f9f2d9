<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/**
 * Constants of control charts for subgroups of n, computed from their definitions: d2 and d3 are mean and standard
 * deviation of the range of n standard normal values, c4 that of their standard deviation.
 */
final readonly class ChartConstants
{
    public float $d2;

    public float $d3;

    public float $c4;

    /** @throws StatisticsException unless 2 ≤ $n ≤ 25 */
    public function __construct(public int $n)
    {
        if ($n < 2 || $n > 25) {
            throw new StatisticsException(sprintf('Subgroups of 2 to 25 are wanted, not of %d.', $n), 'subgroup size', (string) $n, '2 to 25');
        }
        [$mean, $square] = self::range($n);
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
     * E[W] = ∫ P(W > w) dw and E[W²] = 2 ∫ w P(W > w) dw, with P(W ≤ w) = n ∫ φ(x) [Φ(x+w) − Φ(x)]^(n−1) dx
     * (H. L. Harter 1960). The trapezoid rule, which is exact for such bells to the last digits.
     *
     * @return array{float, float}
     */
    private static function range(int $n): array
    {
        $step = 0.05;
        $phi = $density = [];
        $normal = Distribution::normal();
        for ($i = -180; $i <= 400; $i++) {
            $phi[$i] = $normal->cdf($i * $step);
            $density[$i] = exp(-($i * $step) ** 2 / 2) / sqrt(2 * M_PI);
        }
        $mean = $square = 0.0;
        for ($w = 0; $w <= 220; $w++) {
            $below = 0.0;
            for ($i = -180; $i <= 180; $i++) {
                $below += $density[$i] * ($phi[$i + $w] - $phi[$i]) ** ($n - 1);
            }
            $above = 1 - $n * $below * $step;
            $weight = $w === 0 ? 0.5 : 1.0;
            $mean += $weight * $above * $step;
            $square += 2 * $weight * $w * $step * $above * $step;
        }

        return self::ends($n, $mean, $square, $step);
    }

    /**
     * The trapezoid rule's error at w = 0 (Euler and Maclaurin): −h²/12 f′ of both integrands there.
     *
     * @return array{float, float}
     */
    private static function ends(int $n, float $mean, float $square, float $step): array
    {
        // At zero the density of the range is that of two equal values: 1/√π for n = 2, nothing above.
        $slope = $n === 2 ? -1 / sqrt(M_PI) : 0.0;

        return [$mean + $step ** 2 / 12 * $slope, $square + $step ** 2 / 12 * 2];
    }
}
