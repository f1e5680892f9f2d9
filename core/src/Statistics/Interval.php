<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** Two ends of an interval, in the unit of what was asked. */
final readonly class Interval
{
    /** @throws StatisticsException when an end is no number, or the lower lies above the upper */
    public function __construct(public float $low, public float $high)
    {
        if (! ($low <= $high)) {
            throw new StatisticsException(sprintf('An interval goes from its lower end up to its upper one; this one goes from %g to %g.', $low, $high), 'interval', sprintf('%g to %g', $low, $high), 'the lower end first');
        }
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
