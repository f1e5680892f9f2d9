<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Plan\Place;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Deferred;
use Tekkal\Core\Run\Event\DeferredWorkDone;
use Tekkal\Core\Run\Event\Disposed;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerChecked;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FaultReported;
use Tekkal\Core\Run\Event\Loosened;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\PartnerLetGo;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\Restarted;
use Tekkal\Core\Run\Event\RunFinished;

/** What goes wrong in a run, and what puts it right: faults, loosening, new fasteners, dispositions, work put off. */
final readonly class Incidents
{
    private Circumstances $circumstances;

    public function __construct(private RunFold $run, private Emission $emission)
    {
        $this->circumstances = new Circumstances($run, $emission);
    }

    /** Why it moves nothing; null when it was taken. */
    public function happened(Event $event, Surroundings $around): ?SetAsideReason
    {
        return match (true) {
            $event instanceof BackedOff => $this->backedOff($event),
            $event instanceof FaultReported => $this->fault($event->fault, $event->at),
            $event instanceof PartnerLetGo => $this->fault(Fault::PartnerLetGo, $event->step),
            $event instanceof PartMoved => $this->partMoved($event->part),
            $event instanceof Loosened => $this->takeOutAll($event->positions, ReworkStart::Loosening, AttemptStatus::BackedOff),
            $event instanceof Restarted => $this->takeOutAll($this->inScope($event->scope, $event->key), ReworkStart::Beginning, AttemptStatus::Restarted),
            $event instanceof FastenerReplaced => $this->replaced($event),
            $event instanceof FastenerChecked => $this->checked($event),
            $event instanceof Deferred => $this->putOff($event),
            $event instanceof DeferredWorkDone => $this->takeUp($event->steps),
            $event instanceof Disposed => $this->disposed($event),
            $event instanceof ReadingWithdrawn => $this->withdrawn($event),
            $event instanceof RunFinished => $this->run->whyNotFinish() === [] ? $this->circumstances->finished() : SetAsideReason::StepsMissing,
            default => $this->circumstances->happened($event, $around),
        };
    }

    private function backedOff(BackedOff $event): ?SetAsideReason
    {
        if (! $this->run->faults->hasOpenAt($event->step)) {
            return SetAsideReason::NothingToBackOff;
        }
        foreach ($this->run->faults->openCases() as $case) {
            foreach ($case->step === $event->step ? $case->positionsFor(...DutyKind::cases()) : [] as $position) {
                $this->run->loosen($position);
            }
        }

        return null;
    }

    private function withdrawn(ReadingWithdrawn $event): ?SetAsideReason
    {
        if ($this->run->whyNoWithdrawal($event) !== null) {
            return SetAsideReason::NothingToWithdraw;
        }
        $this->run->faults->undo($event->step, AttemptStatus::Withdrawn);
        $this->run->faults->withdrawn($event->reading, $event->step);

        return null;
    }

    private function fault(Fault $fault, string $at): ?SetAsideReason
    {
        if (! $this->run->plan->has($at)) {
            return SetAsideReason::StepUnknown;
        }
        $step = $this->run->plan->step($at);
        if (! $step->kind->isPerPosition()) {
            return SetAsideReason::WrongAnswer;
        }
        $this->run->faults->open($fault, $step);

        return null;
    }

    /** Anchored at the furthest result of the part; a part on which nothing was done has nothing to lose. */
    private function partMoved(string $part): ?SetAsideReason
    {
        $positions = $this->inScope(Scope::Part, $part);
        if ($positions === []) {
            return SetAsideReason::PlaceUnknown;
        }
        $furthest = null;
        foreach ($positions as $position) {
            $live = $this->furthest($position);
            if ($live !== null && ($furthest === null || $this->run->plan->placeOf($live->id) > $this->run->plan->placeOf($furthest->id))) {
                $furthest = $live;
            }
        }
        if ($furthest !== null) {
            $this->run->faults->open(Fault::PartMoved, $furthest);
        }

        return null;
    }

    /** @param  list<string>  $positions */
    private function takeOutAll(array $positions, ReworkStart $undo, AttemptStatus $as): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll($positions)) {
            return SetAsideReason::PlaceUnknown;
        }
        foreach ($positions as $position) {
            $this->takeOut($position, $undo, $as);
        }

        return null;
    }

    private function takeOut(string $position, ReworkStart $undo, AttemptStatus $as): void
    {
        $anchor = $this->furthest($position);
        $asked = $this->run->faults->asksToLoosen($position);
        if ($anchor !== null && ! $asked) {
            $this->run->faults->open(Fault::Loosened, $anchor);
        }
        $this->run->loosen($position);
        // What a fault asked for is undone as far as its rule says; anything else that comes loose has lost all it had.
        if ($anchor !== null && ! ($asked && $undo === ReworkStart::Loosening)) {
            $this->run->faults->forget($position, $this->run->reach->from($undo, $anchor, $position) ?? 0, $as);
        }
    }

    /** A new fastener has nothing that the old one had. */
    private function replaced(FastenerReplaced $event): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll([$event->position])) {
            return SetAsideReason::PlaceUnknown;
        }
        $anchor = $this->furthest($event->position);
        $this->run->faults->replaced($event->position);
        $this->emission->emit(...$this->run->fasteners->replaced($event->position, $event->lot));
        if ($anchor !== null) {
            $this->run->faults->forget($event->position, $this->run->reach->from(ReworkStart::Beginning, $anchor, $event->position) ?? 0, AttemptStatus::Replaced);
        }

        return null;
    }

    private function checked(FastenerChecked $event): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll([$event->position])) {
            return SetAsideReason::PlaceUnknown;
        }
        $this->run->faults->checked($event->position, $event->passes);

        return null;
    }

    private function disposed(Disposed $event): ?SetAsideReason
    {
        $reason = $this->whyNotDisposed($event);
        if ($reason !== null) {
            return $reason;
        }
        if ($event->disposition->accepts()) {
            $this->emission->emit(new FactIs($event->step, StepBook::ACCEPTED, $event->disposition->value));
            $this->run->faults->settle($event->step, CaseEnd::Accepted);
        } elseif ($this->run->plan->step($event->step)->kind->isPerPosition()) {
            $this->run->faults->decide($event->step, $event->case, $event->disposition, $event->stamp->person);
        } else {
            $this->run->faults->undo($event->step, AttemptStatus::BackedOff);
        }

        return null;
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
            in_array($event->stamp->person, [$live?->person(), $this->run->person()], true) => SetAsideReason::OwnWork,
            default => null,
        };
    }

    /** What is put off takes the later rounds of its position along. */
    private function putOff(Deferred $event): ?SetAsideReason
    {
        if ($event->steps === []) {
            return SetAsideReason::StepUnknown;
        }
        foreach ($event->steps as $id) {
            if (! $this->run->plan->has($id)) {
                return SetAsideReason::StepUnknown;
            }
            if (! $this->run->steps->status($this->run->plan->step($id))->isOpen()) {
                return SetAsideReason::StepAlreadyDone;
            }
        }
        foreach ($this->withLater($event->steps) as $step) {
            if ($this->run->steps->status($step)->isOpen()) {
                $this->emission->emit(new FactIs($step->id, StepBook::PUT_OFF, $event->reason));
            }
        }

        return null;
    }

    /** @param  list<string>  $steps */
    private function takeUp(array $steps): ?SetAsideReason
    {
        if ($steps === [] || array_filter($steps, fn (string $id): bool => ! $this->run->plan->has($id) || ! $this->run->steps->isDeferred($id)) !== []) {
            return SetAsideReason::NothingPutOff;
        }
        foreach ($this->withLater($steps) as $step) {
            if ($this->run->steps->isDeferred($step->id)) {
                $this->emission->emit(new FactIs($step->id, StepBook::PUT_OFF, null));
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $steps
     * @return list<Step>
     */
    private function withLater(array $steps): array
    {
        $plan = $this->run->plan;
        $all = [];
        foreach ($steps as $id) {
            foreach ($this->run->steps->stepsAt($plan->step($id)->position) as $step) {
                if ($plan->placeOf($step->id) >= $plan->placeOf($id)) {
                    $all[] = $step;
                }
            }
        }

        return $all;
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
