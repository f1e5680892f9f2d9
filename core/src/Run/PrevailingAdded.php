<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\StageKinds\TorqueStage;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Written;

/** What is good at a step and what to aim at there, at the fastener itself: raised by what its locking thread takes up, where the stage adds that. */
final readonly class PrevailingAdded
{
    public function __construct(private StepBook $steps)
    {
    }

    /** Null where there is none, and while the prevailing torque of the position is missing. */
    public function window(MeasuredStep $step): ?Window
    {
        if ($step->window === null || ! $this->isAdded($step)) {
            return $step->window;
        }
        $prevailing = $this->prevailing($step);

        return $prevailing === null ? null : $step->window->raisedBy($prevailing);
    }

    /** Null where there are limits only. */
    public function aim(MeasuredStep $step): ?Written
    {
        $prevailing = $this->prevailing($step);

        return $prevailing === null ? $step->target : $step->target?->plus($prevailing, RoundingMode::HALF_UP);
    }

    public function isAdded(Step $step): bool
    {
        return self::from($step) !== null;
    }

    private function prevailing(Step $step): ?Written
    {
        $from = self::from($step);

        return $from === null ? null : $this->steps->live(Step::idOf($from, $step->position))?->shown();
    }

    /** The stage in which it is measured. */
    private static function from(Step $step): ?string
    {
        return $step->rules->own instanceof TorqueStage ? $step->rules->own->prevailingFrom : null;
    }
}
