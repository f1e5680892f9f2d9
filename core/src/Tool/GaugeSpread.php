<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** What a gauge study came to: standard deviations in the unit of its readings. */
final readonly class GaugeSpread
{
    private const DISTINCT = 1.41;

    /** @param  float  $equipment  repeatability; $appraiser: reproducibility; $part: of the parts among each other */
    public function __construct(public float $equipment, public float $appraiser, public float $part)
    {
    }

    /** Repeatability and reproducibility together. */
    public function gauge(): float
    {
        return hypot($this->equipment, $this->appraiser);
    }

    public function total(): float
    {
        return hypot($this->gauge(), $this->part);
    }

    /** The gauge's share of the total spread, %. */
    public function percentOfTotal(): float
    {
        return $this->total() <= 0.0 ? 0.0 : 100 * $this->gauge() / $this->total();
    }

    /** Six spreads of the gauge as a share of a window, %. */
    public function percentOf(float $window): float
    {
        return 600 * $this->gauge() / $window;
    }

    /** Classes of parts that the gauge can tell apart, whole. */
    public function distinct(): int
    {
        return $this->gauge() <= 0.0 ? PHP_INT_MAX : (int) floor(self::DISTINCT * $this->part / $this->gauge());
    }
}
