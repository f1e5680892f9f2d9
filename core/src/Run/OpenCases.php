<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** What the faults that are open ask for, and what they hold. It writes nothing. */
final readonly class OpenCases
{
    public function __construct(private Plan $plan, private State $state, private StepBook $steps)
    {
    }

    /** Will it be loosened whatever is chosen? What may go on where it stands need not be. */
    public function willBeLoosened(string $position): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ((! $case->rule->mayGoOn || $case->joins()) && $case->dutyAt($position, DutyKind::Loosen) !== null) {
                return true;
            }
        }

        return false;
    }

    public function hasOpenAt(string $stepId): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->step === $stepId) {
                return true;
            }
        }

        return false;
    }

    /**
     * Is a fault open that stops the work, and is not passed over?
     *
     * @param  callable(string): bool  $passOver  by the step it stands at
     */
    public function hasOpenBeside(callable $passOver): bool
    {
        foreach ($this->state->openCases() as $case) {
            if (! $case->holdsOnlyItsPositions() && ! $passOver($case->step)) {
                return true;
            }
        }

        return false;
    }

    /** May this step be given another try without anything being undone first? */
    public function mayGoOnAt(string $stepId): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->step === $stepId && $case->rule->mayGoOn) {
                return true;
            }
        }

        return false;
    }

    /** Has this check failed, and is looked for what is to blame? */
    public function isTracedAt(string $stepId): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->step === $stepId && $case->isTracing()) {
                return true;
            }
        }

        return false;
    }

    /** Where the fault stands that asks something of a position; null when none does. */
    public function asking(string $position): ?string
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->asksOf($position)) {
                return $case->step;
            }
        }

        return null;
    }

    /** Is this still asked of a place? */
    public function asks(string $at, DutyKind $kind): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->dutyAt($at, $kind) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * The case by which a step's result is in doubt, though nobody has loosened anything yet; null when it stands. What waited
     * for a check is in doubt while that check is open again or has failed.
     */
    public function doubting(Step $step): ?string
    {
        foreach ($this->state->openCases() as $id => $case) {
            $from = $case->dutyAt($step->position, DutyKind::Loosen)?->from;
            if ($from !== null && $this->plan->placeOf($step->id) >= $this->plan->placeOf($from)) {
                return (string) $id;
            }
            if ($case->fault === Fault::TookReaction && $case->dutyAt($step->position, DutyKind::Inspect) !== null) {
                return (string) $id;
            }
            if ($case->isOfCheck() && $this->steps->waitsForCheck($step, $this->plan->step($case->step))) {
                return (string) $id;
            }
        }

        return null;
    }

    /** The case of a pull at this step that could not count; null when there is none. */
    public function pulledAt(Step $step): ?string
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->fault === Fault::PulledAside && $case->dutyAt($step->position, DutyKind::Loosen)?->from === $step->id) {
                return (string) $id;
            }
        }

        return null;
    }

    /** @return list<string> steps at which something was pulled that could not count, and which nobody has loosened since */
    public function pulledSteps(): array
    {
        $steps = [];
        foreach ($this->state->openCases() as $case) {
            foreach ($case->fault === Fault::PulledAside && ! $this->steps->isDeferred($case->step) ? $case->toDo() : [] as $duty) {
                $steps[] = $duty->from ?? $case->step;
            }
        }

        return $steps;
    }

    /** @return list<CaseState> */
    public function openCases(): array
    {
        return array_values($this->state->openCases());
    }
}
