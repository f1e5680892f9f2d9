<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Statistics\Summary;

/** What one point of a calibration came to. Deviations, lines and uncertainty in % of the reading, or in the unit of the tool. */
final readonly class PointFinding
{
    public float $mean;

    public float $spread;

    /**
     * @param  PointReadings  $read  from which it comes
     * @param  non-empty-list<float>  $deviations  one per reading
     * @param  list<array{name: string, source: BudgetSource, standard: float}>  $lines  of the budget, standard uncertainties
     * @param  float  $expanded  k = 2
     * @param  list<bool>  $conforms  one per reading
     */
    public function __construct(
        public PointReadings $read,
        public array $deviations,
        public array $lines,
        public float $expanded,
        public float $limit,
        public array $conforms,
    ) {
        $summary = new Summary($deviations);
        [$this->mean, $this->spread] = [$summary->mean, $summary->range()];
    }

    public function isGood(): bool
    {
        return ! in_array(false, $this->conforms, true);
    }

    /** Good by its rule, and yet nearer to the limit than the calibration can tell? */
    public function isNear(): bool
    {
        return $this->isGood() && $this->worstSize() + $this->expanded > $this->limit;
    }

    /** The deviation that is farthest off. */
    public function worst(): float
    {
        $worst = $this->deviations[0];
        foreach ($this->deviations as $deviation) {
            $worst = abs($deviation) > abs($worst) ? $deviation : $worst;
        }

        return $worst;
    }

    private function worstSize(): float
    {
        return abs($this->worst());
    }
}
