<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/**
 * A check belongs to the metal it looked at, and a settling time to what settled: where that comes loose outside the
 * procedure's own loosening, they are open again, and what waited for them is in doubt until they are answered.
 */
final readonly class Resting
{
    public function __construct(
        private Plan $plan,
        private StepBook $steps,
        private OpenFaults $faults,
    ) {
    }

    /**
     * @param  list<string>  $positions  at which something may have been undone
     * @param  list<string>  $loosened  those that had been tight
     */
    public function reopen(array $positions, array $loosened): void
    {
        $reopened = [];
        foreach ($this->plan->steps as $step) {
            if (! isset($this->plan->positions[$step->position]) || $step instanceof CheckStep) {
                $live = $this->steps->live($step->id) !== null;
                if ($live && ! $this->faults->cases->isTracedAt($step->id) && ($this->restsOnAny($step, $positions, $loosened) || $this->needsAny($step, $reopened))) {
                    $reopened[] = $step;
                    $this->faults->undo($step->id, AttemptStatus::Reopened);
                    $this->faults->end($step->id, CaseEnd::Done);
                }
            }
        }
        foreach ($reopened as $step) {
            $step instanceof CheckStep && $this->somethingWaited($step) ? $this->faults->open(Fault::CheckReopened, $step) : null;
        }
    }

    /** A check that held only because something was loosened is asked again once that is tight. */
    public function reopenCheck(Step $check): void
    {
        $this->faults->undo($check->id, AttemptStatus::Reopened);
        $this->somethingWaited($check) ? $this->faults->open(Fault::CheckReopened, $check) : null;
    }

    /**
     * @param  list<string>  $positions
     * @param  list<string>  $loosened
     */
    private function restsOnAny(Step $step, array $positions, array $loosened): bool
    {
        foreach (array_intersect($this->steps->places->of($step), $positions) as $position) {
            if (! PlaceBook::isOpening($step) && $this->restsOn($step, $position, in_array($position, $loosened, true))) {
                return true;
            }
        }

        return false;
    }

    /** Is a round open that came before it there; or, of a check, was it tightened before it, or had it to wait for it? */
    private function restsOn(Step $step, string $position, bool $loosened): bool
    {
        $place = $this->plan->placeOf($step->id);
        $concerned = false;
        foreach ($this->steps->stepsAt($position) as $other) {
            $before = $this->plan->placeOf($other->id) < $place;
            if ($before && $other->kind->tightens() && $this->steps->status($other)->isOpen()) {
                return true;
            }
            $concerned = $concerned || ($before && $other->kind->turnsBolt()) || $this->steps->waitsForCheck($other, $step);
            if (! $before && $other->kind === StageKind::Loosen && $this->steps->live($other->id) !== null) {
                return false; // the procedure itself has opened it since
            }
        }

        return $loosened && $concerned && $step instanceof CheckStep && ! $step->rules->own instanceof SettleStage && $this->comesAfterTightening($step, $place);
    }

    /** A check before the first round, or after the procedure's own loosening, looked at parts that were not clamped. */
    private function comesAfterTightening(Step $step, int $place): bool
    {
        $positions = $this->steps->places->of($step);
        for ($i = $place - 1; $i >= 0; $i--) {
            $before = $this->plan->steps[$i];
            if (($before->kind->turnsBolt() || $before->kind === StageKind::Loosen) && in_array($before->position, $positions, true)) {
                return $before->kind->turnsBolt();
            }
        }

        return false;
    }

    /** @param  list<Step>  $reopened */
    private function needsAny(Step $step, array $reopened): bool
    {
        foreach ($reopened as $check) {
            if ($step instanceof CheckStep && $this->steps->waitsForCheck($step, $check)) {
                return true;
            }
        }

        return false;
    }

    private function somethingWaited(Step $check): bool
    {
        foreach ($this->plan->steps as $step) {
            if ($this->steps->live($step->id) !== null && $this->steps->waitsForCheck($step, $check)) {
                return true;
            }
        }

        return false;
    }
}
