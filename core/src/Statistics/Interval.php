<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** Two ends of an interval, in the unit of what was asked. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high)
    {
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }

    public function holds(float $x): bool
    {
        return $this->low <= $x && $x <= $this->high;
    }
}
