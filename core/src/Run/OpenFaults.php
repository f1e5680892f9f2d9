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
use Tekkal\Core\Fault\Duty;
use Tekkal\Core\Fault\FaultCase;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** The faults of a run while it is folded, and what each asks for. */
final class OpenFaults
{
    /** @var list<FaultCase> */
    private array $cases = [];

    /** @var array<string, array<string, array<string, FaultRule>>> by fault, stage and reuse policy */
    private array $rules = [];

    /** @var array<int, FaultCase> those still open, so that a run of thousands of events asks few */
    private array $open = [];

    public function __construct(
        private readonly Plan $plan,
        private readonly StepBook $steps,
        private readonly FastenerBook $fasteners,
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
        $case = new FaultCase($fault, $step->id, $given, $rule, $step->rules->motion->redo, $this->duties($rule, $step));
        $this->cases[] = $case;
        if ($case->isOpen()) {
            $this->open[array_key_last($this->cases)] = $case;
        }
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
     * What would be lost by a rule: the steps whose result would no longer count.
     *
     * @return list<Step>
     */
    public function lost(FaultRule $rule, Step $step): array
    {
        $lost = [];
        foreach ($this->duties($rule, $step) as $position => $duty) {
            foreach ($this->steps->stepsAt((string) $position) as $other) {
                if ($duty->from >= 0 && $this->plan->placeOf($other->id) >= $duty->from && $this->steps->live($other->id) !== null) {
                    $lost[] = $other;
                }
            }
        }

        return $lost;
    }

    /** @return array<string, Duty> */
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
            if ($from !== null || $replace || $rule->repair) {
                $duties[$position] = new Duty($from ?? 0, $from !== null, $replace, $check, $rule->repair);
            }
        }

        return $duties;
    }

    /** A position came loose, whatever for: what it had is gone, and what its fault asked for is done. */
    public function loosened(string $position): void
    {
        foreach ($this->open as $case) {
            $duty = $case->dutyAt($position);
            if ($duty !== null && $duty->loosen) {
                $duty->loosen = false;
                $this->forget($position, $duty->from);
            }
        }
        $this->sweep();
    }

    public function replaced(string $position): void
    {
        $this->loosened($position);
        foreach ($this->open as $case) {
            $duty = $case->dutyAt($position);
            if ($duty !== null) {
                [$duty->replace, $duty->check] = [false, false];
            }
        }
        $this->sweep();
    }

    public function checked(string $position, bool $passes): void
    {
        foreach ($this->open as $case) {
            $duty = $case->dutyAt($position);
            if ($duty !== null && $duty->check) {
                [$duty->replace, $duty->check] = [! $passes, false];
            }
        }
        $this->sweep();
    }

    public function repairAccepted(string $position): void
    {
        foreach ($this->open as $case) {
            $duty = $case->dutyAt($position);
            if ($duty !== null) {
                $duty->repair = false;
            }
        }
        $this->sweep();
    }

    /** What a reading had brought up is gone with the reading. */
    public function withdrawn(string $given): void
    {
        foreach ($this->open as $case) {
            if ($case->given === $given) {
                $case->settle();
            }
        }
        $this->sweep();
    }

    /** The position was taken further, or accepted as it is. */
    public function settle(string $stepId): void
    {
        foreach ($this->open as $case) {
            if ($case->step === $stepId) {
                $case->settle();
            }
        }
        $this->sweep();
    }

    public function decide(string $stepId, Disposition $disposition): void
    {
        foreach ($this->open as $case) {
            if ($case->step === $stepId) {
                $disposition->asksForNewFastener() ? $case->askForNewFasteners() : $case->decided = true;
            }
        }
        $this->sweep();
    }

    /** Everything a position had from a place on is undone. */
    public function forget(string $position, int $from): void
    {
        foreach ($this->steps->stepsAt($position) as $step) {
            if ($this->steps->isBegun($step->id) && $this->plan->placeOf($step->id) >= $from) {
                $this->steps->retire($step->id, AttemptStatus::BackedOff);
            }
        }
    }

    public function asksToLoosen(string $position): bool
    {
        foreach ($this->open as $case) {
            if ($case->dutyAt($position)?->loosen === true) {
                return true;
            }
        }

        return false;
    }

    public function hasOpenAt(string $stepId): bool
    {
        foreach ($this->open as $case) {
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
        foreach ($this->open as $case) {
            if (! $passOver($case->step)) {
                return true;
            }
        }

        return false;
    }

    /** May this step be given another try without anything being undone first? */
    public function mayGoOnAt(string $stepId): bool
    {
        foreach ($this->open as $case) {
            if ($case->step === $stepId && $case->rule->mayGoOn) {
                return true;
            }
        }

        return false;
    }

    /** Is a step's result under a fault that undoes it, though nobody has loosened anything yet? */
    public function doubts(Step $step): bool
    {
        foreach ($this->open as $case) {
            $duty = $case->dutyAt($step->position);
            if ($duty !== null && $duty->loosen && $this->plan->placeOf($step->id) >= $duty->from) {
                return true;
            }
        }

        return false;
    }

    /** @return list<FaultCase> */
    public function openCases(): array
    {
        return array_values($this->open);
    }

    /** @return list<FaultCase> every fault of the run, open or not */
    public function cases(): array
    {
        return $this->cases;
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

    private function sweep(): void
    {
        $this->open = $this->open === [] ? [] : array_filter($this->open, fn (FaultCase $c): bool => $c->isOpen());
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
