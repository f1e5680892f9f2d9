<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\ThenByTorque;
use Tekkal\Core\Plan\Step;

/** Of a round of which the first are measured, and the others then done by torque alone: which is which, and whether it holds. */
final readonly class FirstMeasured
{
    public function __construct(private StepBook $steps)
    {
    }

    /** Is this one of the others? */
    public function isAfter(Step $step, ThenByTorque $rule): bool
    {
        return array_filter($this->first($step, $rule), fn (Step $s): bool => $s->id === $step->id) === [];
    }

    /** Were all of the first measured, and good? One that a lead has accepted as it is says nothing of the others. */
    public function areGood(Step $step, ThenByTorque $rule): bool
    {
        return array_filter($this->first($step, $rule), fn (Step $s): bool => $this->steps->status($s) !== StepStatus::Done || $this->steps->live($s->id)?->holds() !== true) === [];
    }

    /** @return list<Step> */
    private function first(Step $step, ThenByTorque $rule): array
    {
        return array_slice($this->steps->stepsOf($step->stage, $step->leg), 0, $rule->first);
    }
}
