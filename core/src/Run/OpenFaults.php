<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultExtent;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\CaseClosed;
use Tekkal\Core\Run\Effect\CaseDecided;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\DutiesAdded;
use Tekkal\Core\Run\Effect\DutyDone;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Undone;
use Tekkal\Core\Run\Event\ReadingTaken;

/** The faults of a run while it is folded, and what becomes of each. It writes nothing but effects. */
final readonly class OpenFaults
{
    public OpenCases $cases;

    public function __construct(
        private Plan $plan,
        private State $state,
        private StepBook $steps,
        private FaultReach $reach,
        private Emission $emission,
    ) {
        $this->cases = new OpenCases($plan, $state, $steps);
    }

    /**
     * @param  string|null  $given  the reading that brought it up
     * @param  Cause|null  $cause  what was wrong, where the fault's own words would say something else
     */
    public function open(Fault $fault, Step $step, ?string $given = null, ?Cause $cause = null): void
    {
        $rule = $this->reach->rule($fault, $step);
        $this->bring($fault, $step, $rule, $this->dutiesOf($fault, $rule, $step), $given, $cause === null ? null : $this->sentence($cause->words(), $rule, $step));
    }

    /**
     * One case for several positions, each with what it asks for.
     *
     * @param  non-empty-list<Step>  $steps  where each stands
     */
    public function openAll(Fault $fault, array $steps): void
    {
        $rule = $this->reach->rule($fault, $steps[0]);
        $duties = [];
        foreach ($steps as $step) {
            $duties = $this->joined($duties, $this->reach->duties($this->reach->rule($fault, $step), $step));
        }
        $this->bring($fault, $steps[0], $rule, $duties);
    }

    /**
     * What was pulled while it could not count joins the case of its kind that is open already, so that a batch of late
     * readings is one case and not sixty.
     */
    public function pulledAside(Step $step, string $batch): void
    {
        $rule = $this->reach->rule(Fault::PulledAside, $step);
        $new = array_values(array_filter($this->reach->duties($rule, $step), fn (Duty $d): bool => ! $this->cases->willBeLoosened($d->at)));
        $batch .= ' '.$rule->decides->value;
        foreach ($new === [] ? [] : $this->state->openCases() as $id => $case) {
            if ($case->case->joins === $batch && $case->rule->mayGoOn === $rule->mayGoOn) {
                $this->emission->emit(new DutiesAdded((string) $id, array_map(fn (int $i, Duty $d): Duty => new Duty(count($case->duties) + $i + 1, $d->at, $d->do, $d->from), array_keys($new), $new)));

                return;
            }
        }
        if ($new !== []) {
            $this->bring(Fault::PulledAside, $step, $rule, $this->joined([], $new), joins: $batch);
        }
    }

    /** The tool was held against another fastener that is tight: nobody knows what that did to it. */
    public function tookReaction(ReadingTaken $pull): void
    {
        $itself = $this->plan->has($pull->step) ? $this->plan->step($pull->step)->position : null;
        $furthest = $pull->reaction === null || $pull->reaction === $itself ? null : $this->steps->furthest($pull->reaction);
        if ($furthest !== null && $furthest->kind->turnsBolt()) {
            $this->open(Fault::TookReaction, $furthest, $pull->stamp->id);
        }
    }

    /** A gasket was set for good, and nothing holds it any more: it is asked for new. */
    public function askForGasket(Step $step, string $gasket): void
    {
        $rule = new FaultRule(ReworkStart::Nothing, FaultExtent::Position, Replace::No, DecisionAuthority::Assembler);
        $this->bring(Fault::Loosened, $step, $rule, [new Duty(1, $gasket, DutyKind::Renew)], says: 'The joint was opened after its gasket had been set: a new one goes in.');
    }

    /** A position came loose, whatever for: what it had is gone, and what its fault asked for is done. */
    public function loosened(string $position): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            $duty = $case->dutyAt($position, DutyKind::Loosen);
            if ($duty !== null) {
                $this->emission->emit(new DutyDone((string) $id, $duty->number));
                $this->forget($position, $duty->from === null ? 0 : $this->plan->placeOf($duty->from), AttemptStatus::BackedOff);
            }
        }
        $this->sweep();
    }

    /** A new fastener went in: a later word that the old one is scrap asks for no other. */
    public function replaced(string $position): void
    {
        $this->loosened($position);
        foreach ($this->state->openCases() as $id => $case) {
            if (in_array($position, $case->positions(), true) && ! $case->asked($position, DutyKind::Replace)) {
                $this->emission->emit(new DutiesAdded((string) $id, [new Duty(count($case->duties) + 1, $position, DutyKind::Replace)]));
            }
        }
        $this->did($position, DutyKind::CheckFastener, DutyKind::Replace);
    }

    public function checked(string $position, bool $passes): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            $check = $case->dutyAt($position, DutyKind::CheckFastener);
            if ($check !== null) {
                $this->emission->emit(new DutyDone((string) $id, $check->number));
                $replace = $case->dutyAt($position, DutyKind::Replace);
                match (true) {
                    $passes && $replace !== null => $this->emission->emit(new DutyDone((string) $id, $replace->number)),
                    ! $passes && $replace === null => $this->emission->emit(new DutiesAdded((string) $id, [new Duty(count($case->duties) + 1, $position, DutyKind::Replace)])),
                    default => null,
                };
            }
        }
        $this->sweep();
    }

    /** Somebody looked into it; a damaged thread is to be repaired. */
    public function inspected(string $at, bool $damaged): void
    {
        foreach ($damaged ? $this->state->openCases() : [] as $id => $case) {
            if ($case->dutyAt($at, DutyKind::Inspect) !== null && ! $case->asked($at, DutyKind::Repair)) {
                $n = count($case->duties);
                $this->emission->emit(new DutiesAdded((string) $id, [new Duty($n + 1, $at, DutyKind::Repair), new Duty($n + 2, $at, DutyKind::AcceptRepair)]));
            }
        }
        $this->did($at, DutyKind::Inspect);
    }

    public function did(string $position, DutyKind ...$kinds): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            foreach ($kinds as $kind) {
                $duty = $case->dutyAt($position, $kind);
                if ($duty !== null) {
                    $this->emission->emit(new DutyDone((string) $id, $duty->number));
                }
            }
        }
        $this->sweep();
    }

    /** What a reading had brought up is gone with the reading. */
    public function withdrawn(string $given, string $stepId): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->case->given === $given && $case->step === $stepId) {
                $this->emission->emit(new CaseClosed((string) $id, CaseEnd::Withdrawn));
            }
        }
    }

    /** The step was given another try: what may be taken further, and what a check had found, is settled by that. */
    public function tried(string $stepId, string $position): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->step === $stepId && $case->joins() && $case->rule->mayGoOn) {
                $this->emission->emit(...array_map(fn (Duty $d): DutyDone => new DutyDone((string) $id, $d->number), array_values(array_filter($case->toDo(), fn (Duty $d): bool => $d->at === $position))));
            } elseif ($case->step === $stepId && ($case->rule->mayGoOn || $case->isOfCheck())) {
                $this->emission->emit(new CaseClosed((string) $id, CaseEnd::Settled));
            }
        }
    }

    /** It was accepted as it is. A case that stands for several positions, each for itself, goes on with the others. */
    public function accepted(string $stepId, string $position, string $by): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->step !== $stepId || ! $case->standsForEach()) {
                continue;
            }
            $this->emission->emit(new CaseDecided((string) $id, Disposition::UseAsIs, $by));
            $this->emission->emit(...array_map(fn (Duty $d): DutyDone => new DutyDone((string) $id, $d->number), array_values(array_filter($case->toDo(), fn (Duty $d): bool => $d->at === $position))));
        }
        $this->sweep();
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->step === $stepId && ! $case->standsForEach()) {
                $this->emission->emit(new CaseClosed((string) $id, CaseEnd::Accepted));
            }
        }
    }

    /** What stands at a step ends with it, since what it had looked at is open again. */
    public function end(string $stepId, CaseEnd $how): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->step === $stepId) {
                $this->emission->emit(new CaseClosed((string) $id, $how));
            }
        }
    }

    /** @param  string|null  $only  of those that stand at the step, this one */
    public function decide(string $stepId, ?string $only, Disposition $disposition, string $by): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if ($case->step === $stepId && ($only ?? (string) $id) === (string) $id) {
                $this->emission->emit(new CaseDecided((string) $id, $disposition, $by));
                $disposition->asksForNewFastener() ? $this->askForNewFasteners($case) : null;
                $look = $case->fault === Fault::CheckFailed ? $case->dutyAt($stepId, DutyKind::Inspect) : null;
                $look === null ? null : $this->emission->emit(new DutyDone((string) $id, $look->number));
            }
        }
        $this->sweep();
    }

    /** Everything a position had from a place in the plan on is undone. */
    public function forget(string $position, int $from, AttemptStatus $as): void
    {
        foreach ($this->steps->stepsAt($position) as $step) {
            if ($this->steps->isBegun($step->id) && $this->plan->placeOf($step->id) >= $from) {
                $this->undo($step->id, $as);
            }
        }
    }

    public function undo(string $stepId, AttemptStatus $as): void
    {
        $this->emission->emit(new Undone($stepId, $this->steps->live($stepId)?->number, $as));
        // What is stamped on a head does not change by its being pulled wrongly; what a check read goes with the check.
        $identity = $this->plan->step($stepId) instanceof CheckStep ? [StepBook::IDENTITY] : [];
        foreach ([StepBook::ACCEPTED, StepBook::SECOND_LOOK, StepBook::SETTING_OPEN, ...$identity] as $fact) {
            if ($this->state->factAt($stepId, $fact) !== null) {
                $this->emission->emit(new FactIs($stepId, $fact, null));
            }
        }
    }

    /**
     * @param  list<Duty>  $duties
     * @param  string|null  $says  the whole sentence, where the fault's own words would say something else
     */
    private function bring(Fault $fault, Step $step, FaultRule $rule, array $duties, ?string $given = null, ?string $says = null, ?string $joins = null): void
    {
        $ruling = new Ruling($rule, $this->reach->redo($rule, $step), FaultTable::VERSION, $says ?? $this->sentence($fault->words(), $rule, $step));
        $this->emission->emit(new CaseOpened(new FaultCase($this->emission->caseId(), $fault, $step->id, $given, $ruling, $duties, $joins)));
        $this->sweep();
    }

    private function sentence(string $what, FaultRule $rule, Step $step): string
    {
        return ucfirst($what).'. '.FaultTable::sentence($rule, $this->reach->redo($rule, $step));
    }

    /** @return list<Duty> */
    private function dutiesOf(Fault $fault, FaultRule $rule, Step $step): array
    {
        $at = fn (DutyKind ...$kinds): array => array_map(fn (DutyKind $k): Duty => new Duty((int) array_search($k, $kinds, true) + 1, $step->id, $k), array_values($kinds));

        return match ($fault) {
            Fault::CheckFailed => $this->wayBack($step) ?: $at(DutyKind::Inspect, DutyKind::Answer),
            Fault::CheckReopened, Fault::CheckBetween => $at(DutyKind::Answer),
            Fault::FellIn => $at(DutyKind::Inspect),
            default => $this->reach->duties($rule, $step),
        };
    }

    /** @return list<Duty> what the check's own way back loosens next, and the check again; empty where it has none, or all is loose */
    private function wayBack(Step $check): array
    {
        $duties = [];
        foreach ($this->reach->nextOnTheWayBack($check) as $last) {
            $duties = $this->joined($duties, $this->reach->duties($this->reach->rule(Fault::Loosened, $last), $last));
        }

        return $duties === [] ? [] : $this->joined($duties, [new Duty(1, $check->id, DutyKind::Answer)]);
    }

    /**
     * @param  list<Duty>  $duties
     * @param  list<Duty>  $more
     * @return list<Duty> with those that are not among them yet, numbered on
     */
    private function joined(array $duties, array $more): array
    {
        foreach ($more as $duty) {
            if (array_filter($duties, fn (Duty $d): bool => $d->at === $duty->at && $d->do === $duty->do) === []) {
                $duties[] = new Duty(count($duties) + 1, $duty->at, $duty->do, $duty->from);
            }
        }

        return $duties;
    }

    /** Where it went wrong, and wherever else a fastener was loaded, a new one goes in, unless one went in since. */
    private function askForNewFasteners(CaseState $case): void
    {
        $more = [];
        foreach (array_intersect($case->positions(), $this->steps->places->all()) as $position) {
            $check = $case->dutyAt($position, DutyKind::CheckFastener);
            if ($check !== null) {
                $this->emission->emit(new DutyDone($case->case->id, $check->number));
            }
            $wanted = $position === $this->plan->step($case->step)->position || $check !== null || ($case->asked($position, DutyKind::Loosen) && $this->reach->isLoaded($position));
            if ($wanted && ! $case->asked($position, DutyKind::Replace)) {
                $more[] = new Duty(count($case->duties) + count($more) + 1, $position, DutyKind::Replace);
            }
        }
        if ($more !== []) {
            $this->emission->emit(new DutiesAdded($case->case->id, $more));
        }
    }

    /** What asks for nothing any more, and waits for nobody, is done. */
    private function sweep(): void
    {
        foreach ($this->state->openCases() as $id => $case) {
            if (! $case->leadDecides && $case->toDo() === []) {
                $this->emission->emit(new CaseClosed((string) $id, CaseEnd::Done));
            }
        }
    }
}
