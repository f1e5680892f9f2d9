<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Plan\Place;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\AgentApplied;
use Tekkal\Core\Run\Event\Deferred;
use Tekkal\Core\Run\Event\DeferredWorkDone;
use Tekkal\Core\Run\Event\Disposed;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerChecked;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FaultReported;
use Tekkal\Core\Run\Event\FreeLengthMeasured;
use Tekkal\Core\Run\Event\Interrupted;
use Tekkal\Core\Run\Event\Loosened;
use Tekkal\Core\Run\Event\Marked;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\PartnerLetGo;
use Tekkal\Core\Run\Event\RepairAccepted;
use Tekkal\Core\Run\Event\Restarted;
use Tekkal\Core\Run\Event\SecondPersonJoined;
use Tekkal\Core\Run\Event\ThreadRepaired;
use Tekkal\Core\Run\Event\Zeroed;

/** What happens in a run beside its results: faults, loosening, new fasteners, people, work put off. */
final readonly class Incidents
{
    public function __construct(private RunFold $run)
    {
    }

    public function decide(Event $event): Outcome
    {
        $reason = match (true) {
            $event instanceof FaultReported, $event instanceof PartnerLetGo => $this->whyNoFault($event->step),
            $event instanceof PartMoved => $this->run->plan->positions !== [] && $this->inScope(Scope::Part, $event->part) !== [] ? null : SetAsideReason::PlaceUnknown,
            $event instanceof Restarted => $this->inScope($event->scope, $event->key) === [] ? SetAsideReason::PlaceUnknown : null,
            $event instanceof Loosened, $event instanceof AgentApplied => $this->knowsAll($event->positions) ? null : SetAsideReason::PlaceUnknown,
            $event instanceof Zeroed, $event instanceof FreeLengthMeasured, $event instanceof Marked, $event instanceof FastenerReplaced,
            $event instanceof FastenerChecked, $event instanceof ThreadRepaired, $event instanceof RepairAccepted => $this->knowsAll([$event->position]) ? null : SetAsideReason::PlaceUnknown,
            $event instanceof SecondPersonJoined => $event->person === $this->run->person ? SetAsideReason::PartnerMissing : null,
            $event instanceof Deferred => $this->whyNotPutOff($event->steps),
            $event instanceof DeferredWorkDone => $this->whyNotTakenUp($event->steps),
            $event instanceof Disposed => $this->whyNotDisposed($event),
            default => null,
        };

        return $reason === null ? Outcome::applied() : Outcome::setAside($reason);
    }

    public function apply(Event $event): void
    {
        $run = $this->run;
        match (true) {
            $event instanceof FaultReported => $this->fault($event->fault, $event->step),
            $event instanceof PartnerLetGo => $this->fault(Fault::PartnerLetGo, $event->step),
            $event instanceof PartMoved => $this->partMoved($event->part),
            $event instanceof Loosened => array_map(fn (string $p) => $this->takeOut($p, ReworkStart::Loosening), $event->positions),
            $event instanceof Restarted => array_map(fn (string $p) => $this->takeOut($p, ReworkStart::Beginning), $this->inScope($event->scope, $event->key)),
            $event instanceof FastenerReplaced => $this->replace($event->position),
            $event instanceof FastenerChecked => $run->faults->checked($event->position, $event->passes),
            $event instanceof ThreadRepaired => $run->fasteners->repair($event->position, $event->kind),
            $event instanceof RepairAccepted => $this->acceptRepair($event->position),
            $event instanceof FreeLengthMeasured => $run->fasteners->measureFree($event->position, $event->length),
            $event instanceof Zeroed => $run->fasteners->zero($event->position),
            $event instanceof Marked => $run->fasteners->mark($event->position),
            $event instanceof AgentApplied => array_map(fn (string $p) => $run->fasteners->applyAgent($event->agent, $p, $event->stamp), $event->positions),
            $event instanceof SecondPersonJoined => $run->partner = $event->person,
            $event instanceof Interrupted => $run->interruptedAt = $event->step ?? $run->nextStep()?->id,
            $event instanceof Deferred => $this->putOff($event->steps),
            $event instanceof DeferredWorkDone => $this->takeUp($event->steps),
            $event instanceof Disposed => $this->dispose($event),
            default => null,
        };
    }

    private function whyNoFault(string $step): ?SetAsideReason
    {
        if (! $this->run->plan->has($step)) {
            return SetAsideReason::StepUnknown;
        }

        return $this->run->plan->step($step)->kind->isPerPosition() ? null : SetAsideReason::WrongAnswer;
    }

    private function fault(Fault $fault, string $stepId): void
    {
        if ($this->run->plan->has($stepId)) {
            $this->run->faults->open($fault, $this->run->plan->step($stepId));
        }
    }

    /** Anchored at the furthest result of the part; a part on which nothing was done has nothing to lose. */
    private function partMoved(string $part): void
    {
        $furthest = null;
        foreach ($this->inScope(Scope::Part, $part) as $position) {
            $live = $this->furthest($position);
            if ($live !== null && ($furthest === null || $this->run->plan->placeOf($live->id) > $this->run->plan->placeOf($furthest->id))) {
                $furthest = $live;
            }
        }
        if ($furthest !== null) {
            $this->run->faults->open(Fault::PartMoved, $furthest);
        }
    }

    private function takeOut(string $position, ReworkStart $undo): void
    {
        $anchor = $this->furthest($position);
        $asked = $this->run->faults->asksToLoosen($position);
        if ($anchor !== null && ! $asked) {
            $this->run->faults->open(Fault::Loosened, $anchor);
        }
        $this->run->loosen($position);
        // What a fault asked for is undone as far as its rule says; anything else that comes loose has lost all it had.
        if ($anchor !== null && ! ($asked && $undo === ReworkStart::Loosening)) {
            $this->run->faults->forget($position, $this->run->faults->from($undo, $anchor, $position) ?? 0);
        }
    }

    /** A new fastener has nothing that the old one had. */
    private function replace(string $position): void
    {
        $anchor = $this->furthest($position);
        $this->run->faults->replaced($position);
        $this->run->fasteners->replaced($position);
        if ($anchor !== null) {
            $this->run->faults->forget($position, $this->run->faults->from(ReworkStart::Beginning, $anchor, $position) ?? 0);
        }
    }

    private function acceptRepair(string $position): void
    {
        $this->run->fasteners->acceptRepair($position);
        $this->run->faults->repairAccepted($position);
    }

    private function dispose(Disposed $event): void
    {
        $step = $this->run->plan->has($event->step) ? $this->run->plan->step($event->step) : null;
        if ($step === null) {
            return;
        }
        if ($event->disposition->accepts()) {
            $this->run->steps->accept($event->step, $event->disposition);
            $this->run->faults->settle($event->step);
        } elseif ($step->kind->isPerPosition()) {
            $this->run->faults->decide($event->step, $event->disposition);
        } else {
            $this->run->steps->retire($event->step, AttemptStatus::BackedOff);
        }
    }

    /**
     * What is put off takes the later rounds of its position along.
     *
     * @param  list<string>  $steps
     */
    private function putOff(array $steps): void
    {
        foreach ($this->withLater($steps) as $step) {
            if ($this->run->steps->status($step)->isOpen()) {
                $this->run->steps->defer($step->id);
            }
        }
    }

    /** @param  list<string>  $steps */
    private function takeUp(array $steps): void
    {
        foreach ($this->withLater($steps) as $step) {
            $this->run->steps->takeUp($step->id);
        }
    }

    /**
     * @param  list<string>  $steps
     * @return list<Step>
     */
    private function withLater(array $steps): array
    {
        $plan = $this->run->plan;
        $all = [];
        foreach (array_filter($steps, $plan->has(...)) as $id) {
            foreach ($this->run->steps->stepsAt($plan->step($id)->position) as $step) {
                if ($plan->placeOf($step->id) >= $plan->placeOf($id)) {
                    $all[] = $step;
                }
            }
        }

        return $all;
    }

    /** @param  list<string>  $steps */
    private function whyNotPutOff(array $steps): ?SetAsideReason
    {
        foreach ($steps as $id) {
            if (! $this->run->plan->has($id)) {
                return SetAsideReason::StepUnknown;
            }
            if (! $this->run->steps->status($this->run->plan->step($id))->isOpen()) {
                return SetAsideReason::StepAlreadyDone;
            }
        }

        return $steps === [] ? SetAsideReason::StepUnknown : null;
    }

    /** @param  list<string>  $steps */
    private function whyNotTakenUp(array $steps): ?SetAsideReason
    {
        foreach ($steps as $id) {
            if (! $this->run->steps->isDeferred($id)) {
                return SetAsideReason::NothingPutOff;
            }
        }

        return $steps === [] ? SetAsideReason::NothingPutOff : null;
    }

    private function whyNotDisposed(Disposed $event): ?SetAsideReason
    {
        if (! $this->run->plan->has($event->step)) {
            return SetAsideReason::StepUnknown;
        }
        $step = $this->run->plan->step($event->step);
        $live = $this->run->steps->live($event->step);
        $waits = $this->run->faults->hasOpenAt($event->step)
            || in_array($this->run->steps->status($step), [StepStatus::Stopped, StepStatus::Unknown], true);

        return match (true) {
            ! $waits, $event->disposition->accepts() && $live === null => SetAsideReason::NothingToDispose,
            in_array($event->stamp->person, [$live?->reading->person, $this->run->person], true) => SetAsideReason::OwnWork,
            default => null,
        };
    }

    private function furthest(string $position): ?Step
    {
        foreach (array_reverse($this->run->steps->stepsAt($position)) as $step) {
            if ($this->run->steps->live($step->id) !== null) {
                return $step;
            }
        }

        return null;
    }

    /** @param  list<string>  $positions */
    private function knowsAll(array $positions): bool
    {
        return $positions !== [] && array_diff($positions, array_keys($this->run->plan->positions)) === [];
    }

    /** @return list<string> */
    private function inScope(Scope $scope, string $key): array
    {
        return array_values(array_map(fn (Place $p): string => $p->key, array_filter($this->run->plan->positions, fn (Place $p): bool => match ($scope) {
            Scope::Position => $p->key === $key,
            Scope::Part => $p->part === $key,
            Scope::Group => $p->group === $key,
            Scope::Joint => true,
        })));
    }
}
