<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Deferred;
use Tekkal\Core\Run\Event\DeferredWorkDone;
use Tekkal\Core\Run\Event\Disposed;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerChecked;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FastenersFitted;
use Tekkal\Core\Run\Event\FaultReported;
use Tekkal\Core\Run\Event\Inspected;
use Tekkal\Core\Run\Event\Loosened;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\PartnerLetGo;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\Restarted;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\ThreadRepaired;

/** What goes wrong in a run, and what puts it right: faults, loosening, new fasteners, dispositions, work put off. */
final readonly class Incidents
{
    private Circumstances $circumstances;

    private Reports $reports;

    public function __construct(private RunFold $run, private Emission $emission)
    {
        $this->circumstances = new Circumstances($run, $emission);
        $this->reports = new Reports($run, $emission);
    }

    /** Why it moves nothing; null when it was taken. */
    public function happened(Event $event, Surroundings $around): ?SetAsideReason
    {
        return match (true) {
            $event instanceof BackedOff => $this->backedOff($event),
            $event instanceof FaultReported, $event instanceof PartnerLetGo, $event instanceof PartMoved => $this->reports->take($event),
            $event instanceof Loosened => $this->takeOutAll($event->positions, ReworkStart::Loosening, AttemptStatus::BackedOff),
            $event instanceof Restarted => $this->takeOutAll($this->restarted($event), ReworkStart::Beginning, AttemptStatus::Restarted),
            $event instanceof FastenerReplaced => $this->replaced([$event->position], FastenerSet::Real, $event->lot),
            $event instanceof FastenersFitted => $this->fitted($event),
            $event instanceof ThreadRepaired => $this->repaired($event),
            $event instanceof FastenerChecked => $this->checked($event),
            $event instanceof Inspected => $this->inspected($event),
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
        if (! $this->run->faults->cases->hasOpenAt($event->step)) {
            return SetAsideReason::NothingToBackOff;
        }
        $positions = [];
        foreach ($this->run->faults->cases->openCases() as $case) {
            array_push($positions, ...$case->step === $event->step ? $case->positionsFor(DutyKind::Loosen) : []);
        }
        $this->run->undoing->loosen(array_values(array_unique($positions)));

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

    /** @param  list<string>  $positions */
    private function takeOutAll(array $positions, ReworkStart $undo, AttemptStatus $as): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll($positions)) {
            return SetAsideReason::PlaceUnknown;
        }
        $this->run->undoing->takeOut($positions, $undo, $as);

        return null;
    }

    /** @return list<string> outside in, as one takes it apart */
    private function restarted(Restarted $event): array
    {
        $positions = $this->run->steps->places->inScope($event->scope, $event->key);
        $first = $positions === [] ? null : $this->run->undoing->furthest($positions[0]);

        return $first === null ? $positions : $this->run->reach->inLooseningOrder($positions, $first);
    }

    /** @param  list<string>  $positions */
    private function replaced(array $positions, FastenerSet $set, ?string $lot): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll($positions)) {
            return SetAsideReason::PlaceUnknown;
        }
        foreach ($positions as $position) {
            $this->run->undoing->replaced($position, $set, $lot);
        }

        return null;
    }

    /** Where nothing was tightened yet, or a trial was opened again, they are simply in; elsewhere others come out for them. */
    private function fitted(FastenersFitted $event): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll($event->positions)) {
            return SetAsideReason::PlaceUnknown;
        }
        foreach ($event->positions as $position) {
            $anchor = $this->run->undoing->furthest($position);
            if ($anchor === null && ! $this->run->faults->cases->asks($position, DutyKind::Replace)) {
                $this->emission->emit(...$this->run->fasteners->fitted($position, $event->set, $event->lot));
            } else {
                $this->run->undoing->replaced($position, $event->set, $event->lot);
            }
        }

        return null;
    }

    /** Whatever had been tightened into the old thread is gone with it. */
    private function repaired(ThreadRepaired $event): ?SetAsideReason
    {
        if (! $this->circumstances->knowsAll([$event->position])) {
            return SetAsideReason::PlaceUnknown;
        }
        if ($this->run->undoing->furthest($event->position) !== null) {
            $this->run->undoing->takeOut([$event->position], ReworkStart::Beginning, AttemptStatus::BackedOff);
        }
        $this->circumstances->repaired($event);

        return null;
    }

    /** Of a check that failed, the work is named before it is answered again. */
    private function inspected(Inspected $event): ?SetAsideReason
    {
        if (! $this->run->faults->cases->asks($event->at, DutyKind::Inspect)) {
            return SetAsideReason::NothingToInspect;
        }
        if ($this->run->plan->has($event->at) ? $event->work === null : $event->finds === null) {
            return SetAsideReason::WrongAnswer;
        }
        $this->run->faults->inspected($event->at, $event->finds === InspectionFinds::Damaged && ! $this->run->plan->has($event->at));

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
            $this->run->faults->accepted($event->step, $this->run->plan->step($event->step)->position, $event->stamp->person);
        } elseif ($this->run->faults->cases->hasOpenAt($event->step)) {
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
        $waits = $this->run->faults->cases->hasOpenAt($event->step)
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
}
