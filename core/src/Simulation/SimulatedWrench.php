<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** Stands in for a measuring tool: one pull, shown in the tool's unit and with its steps. For demonstration only. */
final readonly class SimulatedWrench
{
    public function __construct(private SeededNoise $noise)
    {
    }

    public function pull(Window $window, Written $resolution, Manner $manner): Written
    {
        $unit = $resolution->unit;
        $low = (float) $window->low?->quantity()->inBase()->toFloat() / $unit->factor()->toFloat();
        $high = (float) $window->high?->quantity()->inBase()->toFloat() / $unit->factor()->toFloat();
        $half = ($high - $low) / 2;
        // A practised hand keeps well inside the window: a sixth of its width either side covers 68 %, and ±1 width is cut.
        $spread = max(-0.9, min(0.9, $this->noise->normal() / 3));
        $value = match ($manner) {
            Manner::Good => $low + $half * (1 + $spread),
            Manner::Short => $low - $half * (1.2 + abs($spread)),
            Manner::Over => $high + $half * (1.2 + abs($spread)),
        };
        $step = BigDecimal::of($resolution->decimal());
        $count = BigDecimal::of(sprintf('%.9F', $value))->dividedBy($step, 0, RoundingMode::HALF_UP);

        return Written::of((string) $count->multipliedBy($step), $unit);
    }
}
