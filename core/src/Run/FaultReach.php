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

/** What a fault takes along as the run stands: its rule, how far it reaches, what it asks for and what would be lost. It changes nothing. */
final class FaultReach
{
    /** @var array<string, array<string, array<string, FaultRule>>> by fault, stage and reuse policy */
    private array $rules = [];

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

    private function ruleOf(Fault $fault, Step $step, Reuse $reuse): FaultRule
    {
        $rule = FaultTable::rule($fault, Controlled::by($step->kind), $reuse, $step->rules->motion->redo, $this->plan->faultOverrides);
        // The stage itself says what a shortfall allows.
        $goesOn = $rule->mayGoOn && ! ($step->kind === StageKind::Stretch && $step->rules->motion->oneMotion)
            || ($fault === Fault::Short && $step->rules->motion->mayContinue);

        return $goesOn === $rule->mayGoOn ? $rule
            : new FaultRule($rule->undo, $rule->reach, $rule->replace, $rule->decides, $goesOn, $rule->toolOut, $rule->repair);
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
