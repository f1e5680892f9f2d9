<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
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

/** The faults of a run while it is folded, and what becomes of each. It writes nothing but effects. */
final readonly class OpenFaults
{
    public function __construct(
        private Plan $plan,
        private State $state,
        private StepBook $steps,
        private FaultReach $reach,
        private Emission $emission,
    ) {
    }

    public function open(Fault $fault, Step $step, ?string $given = null): void
    {
        $rule = $this->reach->rule($fault, $step);
        $redo = $step->rules->motion->redo;
        $ruling = new Ruling($rule, $redo, FaultTable::VERSION, ucfirst($fault->words()).'. '.FaultTable::sentence($rule, $redo));
        $case = new FaultCase($this->emission->caseId(), $fault, $step->id, $given, $ruling, $this->reach->duties($rule, $step));
        $this->emission->emit(new CaseOpened($case));
        $this->sweep();
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
}
