<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Controlled;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\CaseClosed;
use Tekkal\Core\Run\Effect\CaseDecided;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\DutiesAdded;
use Tekkal\Core\Run\Effect\DutyDone;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Undone;

/** The faults of a run while it is folded: what each asks for, and what becomes of it. It writes nothing but effects. */
final class OpenFaults
{
    /** @var array<string, array<string, array<string, FaultRule>>> by fault, stage and reuse policy */
    private array $rules = [];

    public function __construct(
        private readonly Plan $plan,
        private readonly State $state,
        private readonly StepBook $steps,
        private readonly FastenerBook $fasteners,
        private readonly Emission $emission,
    ) {
    }

    public function rule(Fault $fault, Step $step): FaultRule
    {
        $reuse = $this->plan->fastenerAt($step->position)->reuse ?? Reuse::Free;

        // A stage and a policy meet the same few rules again and again.
        return $this->rules[$fault->value][$step->stage][$reuse->value] ??= $this->ruleOf($fault, $step, $reuse);
    }

    private function ruleOf(Fault $fault, Step $step, Reuse $reuse): FaultRule
    {
        $rule = FaultTable::rule($fault, Controlled::by($step->kind), $reuse, $step->rules->motion->redo, $this->plan->faultOverrides);
        // The stage itself says what a shortfall allows.
        $goesOn = $rule->mayGoOn && ! ($step->kind === StageKind::Stretch && $step->rules->motion->oneMotion)
            || ($fault === Fault::Short && $step->rules->motion->mayContinue);

        return $goesOn === $rule->mayGoOn ? $rule
            : new FaultRule($rule->undo, $rule->reach, $rule->replace, $rule->decides, $goesOn, $rule->toolOut, $rule->repair);
    }

    public function open(Fault $fault, Step $step, ?string $given = null): void
    {
        $rule = $this->rule($fault, $step);
        $redo = $step->rules->motion->redo;
        $ruling = new Ruling($rule, $redo, FaultTable::VERSION, ucfirst($fault->words()).'. '.FaultTable::sentence($rule, $redo));
        $case = new FaultCase($this->emission->caseId(), $fault, $step->id, $given, $ruling, $this->duties($rule, $step));
        $this->emission->emit(new CaseOpened($case));
        $this->sweep();
    }

    /** @return list<string> the positions that a rule takes along */
    public function reached(FaultRule $rule, Step $step): array
    {
        $scope = FaultTable::scope($rule->reach, $step->rules->motion->redo);
        if ($scope !== null) {
            return $this->plan->positionsIn($scope, $step->position);
        }
        $positions = [];
        foreach ($this->steps->stepsOf($step->stage, $step->leg) as $other) {
            if ($this->steps->live($other->id) !== null || $other->id === $step->id) {
                $positions[$other->position] = true;
            }
        }

        return array_map(strval(...), array_keys(array_intersect_key($positions, $this->plan->positions)));
    }

    /** Place in the plan from which a position's steps no longer count under a rule; null where it has nothing to lose. */
    public function from(ReworkStart $undo, Step $step, string $position): ?int
    {
        if ($undo === ReworkStart::Nothing) {
            return null;
        }
        $place = $this->plan->placeOf($step->id);
        $steps = [];
        $at = null;
        foreach ($this->steps->stepsAt($position) as $other) {
            if ($other->rules->result->trial === $step->rules->result->trial) {
                $steps[] = $other;
                $at = $other->stage === $step->stage || $this->plan->placeOf($other->id) <= $place ? count($steps) - 1 : $at;
            }
        }
        if ($at === null) {
            return null;
        }

        return $this->plan->placeOf($steps[match ($undo) {
            ReworkStart::Stage => self::tightening($steps, $at),
            ReworkStart::Reference => self::reference($steps, $at),
            ReworkStart::Loosening => self::afterLoosening($steps, $at),
            ReworkStart::Beginning => 0,
        }]->id);
    }

    /**
     * What would be lost by these duties: the steps whose result would no longer count.
     *
     * @param  list<Duty>  $duties
     * @return list<Step>
     */
    public function lost(array $duties): array
    {
        $lost = [];
        foreach ($duties as $duty) {
            $from = $duty->from === null ? PHP_INT_MAX : $this->plan->placeOf($duty->from);
            foreach ($this->steps->stepsAt($duty->at) as $other) {
                if ($this->plan->placeOf($other->id) >= $from && $this->steps->live($other->id) !== null) {
                    $lost[] = $other;
                }
            }
        }

        return $lost;
    }

    /** @return list<Duty> */
    public function duties(FaultRule $rule, Step $step): array
    {
        $duties = [];
        foreach ($this->reached($rule, $step) as $position) {
            [$replace, $check] = $this->replacement($rule, $position);
            $from = $this->from($replace ? ReworkStart::Beginning : $rule->undo, $step, $position);
            // A fastener on which nothing was done yet has nothing to lose.
            if ($position !== $step->position && ($from === null || ! $this->hasResult($position, $from))) {
                continue;
            }
            $asked = array_keys(array_filter([
                DutyKind::Loosen->value => $from !== null, DutyKind::CheckFastener->value => $check, DutyKind::Replace->value => $replace,
                DutyKind::Repair->value => $rule->repair && $this->fasteners->openRepair($position) === null, DutyKind::AcceptRepair->value => $rule->repair,
            ]));
            foreach ($asked as $kind) {
                $do = DutyKind::from($kind);
                $duties[] = new Duty(count($duties) + 1, $position, $do, $do === DutyKind::Loosen && $from !== null ? $this->plan->steps[$from]->id : null);
            }
        }

        return $duties;
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

    public function replaced(string $position): void
    {
        $this->loosened($position);
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

    public function repaired(string $position): void
    {
        $this->did($position, DutyKind::Repair);
    }

    public function repairAccepted(string $position): void
    {
        $this->did($position, DutyKind::Repair, DutyKind::AcceptRepair);
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

    /** The position was taken further, or accepted as it is. */
    public function settle(string $stepId, CaseEnd $how): void
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
        if ($this->state->factAt($stepId, StepBook::ACCEPTED) !== null) {
            $this->emission->emit(new FactIs($stepId, StepBook::ACCEPTED, null));
        }
    }

    public function asksToLoosen(string $position): bool
    {
        foreach ($this->state->openCases() as $case) {
            if ($case->dutyAt($position, DutyKind::Loosen) !== null) {
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
     * Is a fault open that is not passed over?
     *
     * @param  callable(string): bool  $passOver  by the step it stands at
     */
    public function hasOpenBeside(callable $passOver): bool
    {
        foreach ($this->state->openCases() as $case) {
            if (! $passOver($case->step)) {
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

    /** The case by which a step's result is in doubt, though nobody has loosened anything yet; null when it stands. */
    public function doubting(Step $step): ?string
    {
        foreach ($this->state->openCases() as $id => $case) {
            $from = $case->dutyAt($step->position, DutyKind::Loosen)?->from;
            if ($from !== null && $this->plan->placeOf($step->id) >= $this->plan->placeOf($from)) {
                return (string) $id;
            }
        }

        return null;
    }

    /** @return list<CaseState> */
    public function openCases(): array
    {
        return array_values($this->state->openCases());
    }

    private function hasResult(string $position, int $from): bool
    {
        foreach ($this->steps->stepsAt($position) as $step) {
            if ($this->plan->placeOf($step->id) >= $from && $this->steps->live($step->id) !== null) {
                return true;
            }
        }

        return false;
    }

    /** @return array{bool, bool} replace it; check it first */
    private function replacement(FaultRule $rule, string $position): array
    {
        return match ($rule->replace) {
            Replace::No => [$rule->undo !== ReworkStart::Nothing && $this->fasteners->isUsedUp($position), $rule->undo !== ReworkStart::Nothing && $this->fasteners->needsItsCheck($position)],
            Replace::Yes => [true, false],
            Replace::IfLoaded => [$this->fasteners->isLoaded($position), false],
            Replace::IfCheckFails => [false, $this->fasteners->isLoaded($position)],
        };
    }

    private function did(string $position, DutyKind ...$kinds): void
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

    /** Every position that the case reached gets a new fastener, checked or not. */
    private function askForNewFasteners(CaseState $case): void
    {
        $more = [];
        foreach ($case->positions() as $position) {
            $check = $case->dutyAt($position, DutyKind::CheckFastener);
            if ($check !== null) {
                $this->emission->emit(new DutyDone($case->case->id, $check->number));
            }
            if ($case->dutyAt($position, DutyKind::Replace) === null) {
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

    /**
     * What a verification pass finds moving goes back to the round that it verifies.
     *
     * @param  list<Step>  $steps
     */
    private static function tightening(array $steps, int $at): int
    {
        while ($at > 0 && $steps[$at]->kind === StageKind::VerificationPass) {
            $at--;
        }

        return $at;
    }

    /**
     * The torque that an angle is counted from: the last step before it that is no turn.
     *
     * @param  list<Step>  $steps
     */
    private static function reference(array $steps, int $at): int
    {
        for ($i = $at; $i > 0; $i--) {
            if ($steps[$i]->kind->reachesTorque()) {
                return $i;
            }
        }

        return 0;
    }

    /** @param  list<Step>  $steps */
    private static function afterLoosening(array $steps, int $at): int
    {
        for ($i = $at; $i > 0; $i--) {
            if ($steps[$i - 1]->kind === StageKind::Loosen) {
                return $i;
            }
        }

        return 0;
    }
}
