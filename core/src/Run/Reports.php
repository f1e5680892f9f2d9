<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Event\FaultReported;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\PartnerLetGo;

/** What somebody says went wrong, and what that leaves behind in the run. */
final readonly class Reports
{
    public function __construct(private RunFold $run, private Emission $emission)
    {
    }

    /** Why it moves nothing; null when it was taken. */
    public function take(FaultReported|PartnerLetGo|PartMoved $event): ?SetAsideReason
    {
        return match (true) {
            $event instanceof FaultReported => $this->reported($event),
            $event instanceof PartnerLetGo => $this->at(Fault::PartnerLetGo, $event->step),
            $event instanceof PartMoved => $this->moved(Fault::PartMoved, $event->part),
        };
    }

    private function reported(FaultReported $event): ?SetAsideReason
    {
        $reason = match (true) {
            ! $event->fault->isReported() => SetAsideReason::WrongAnswer,
            $event->fault === Fault::DidAnother && $event->other !== null => $this->didAnother($event->at, $event->other),
            $event->fault === Fault::PartMoved => $this->moved(Fault::PartMoved, $event->at),
            $event->fault === Fault::WrongWayRound => $this->moved(Fault::WrongWayRound, $event->at),
            default => $this->at($event->fault, $event->at),
        };
        if ($reason === null && $event->fault === Fault::DroppedWrench && $event->tool !== null) {
            $this->emission->emit(new SettingIs($event->tool, null), new FactIs($event->tool, ToolBook::OUT, $event->fault->value));
        }

        return $reason;
    }

    private function at(Fault $fault, string $at): ?SetAsideReason
    {
        $positions = $this->run->steps->places->named($at);
        if ($positions === []) {
            return $this->run->plan->has($at) ? SetAsideReason::WrongAnswer : ($at === 'joint' ? SetAsideReason::PlaceUnknown : SetAsideReason::StepUnknown);
        }
        $here = $this->run->plan->has($at) ? $this->run->plan->step($at) : null;
        $step = $here !== null && $here->kind->isPerPosition() ? $here : $this->furthestOf($positions) ?? $this->firstOf($positions);
        if ($step === null) {
            return SetAsideReason::WrongAnswer;
        }
        $this->run->faults->open($fault, $step);

        return null;
    }

    /** The one that was asked for did not have it, and the other has more than anybody knows. */
    private function didAnother(string $at, string $other): ?SetAsideReason
    {
        if (! $this->run->plan->has($at) || ! $this->run->plan->step($at)->kind->isPerPosition()) {
            return SetAsideReason::StepUnknown;
        }
        if (! isset($this->run->plan->positions[$other])) {
            return SetAsideReason::PlaceUnknown;
        }
        $asked = $this->run->plan->step($at);
        $done = Step::idOf($asked->stage, $other, $asked->pass);
        $step = $this->run->plan->has($done) ? $this->run->plan->step($done) : $this->furthestOf([$other]) ?? $this->firstOf([$other]);
        foreach ($step === null ? [] : [$step, ...($this->run->steps->live($at) === null ? [] : [$asked])] as $turned) {
            $this->emission->emit(...$this->run->fasteners->tightened($turned));
            $this->run->faults->open(Fault::DidAnother, $turned);
        }

        return null;
    }

    /** Anchored at the furthest result of the part; a part on which nothing was done has nothing to lose. */
    private function moved(Fault $fault, string $at): ?SetAsideReason
    {
        $positions = $this->run->steps->places->named($at);
        if ($positions === []) {
            return SetAsideReason::PlaceUnknown;
        }
        $furthest = $this->furthestOf($positions);
        if ($furthest !== null) {
            $this->run->faults->open($fault, $furthest);
        }

        return null;
    }

    /** @param  list<string>  $positions */
    private function furthestOf(array $positions): ?Step
    {
        $furthest = null;
        foreach ($positions as $position) {
            $live = $this->run->undoing->furthest($position);
            if ($live !== null && ($furthest === null || $this->run->plan->placeOf($live->id) > $this->run->plan->placeOf($furthest->id))) {
                $furthest = $live;
            }
        }

        return $furthest;
    }

    /** @param  list<string>  $positions */
    private function firstOf(array $positions): ?Step
    {
        foreach ($positions as $position) {
            foreach ($this->run->steps->stepsAt($position) as $step) {
                if ($step->kind->isPerPosition()) {
                    return $step;
                }
            }
        }

        return null;
    }
}
