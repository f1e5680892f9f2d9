<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Controlled;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Remedy;
use Tekkal\Core\Document\Replace;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\WayBack;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\CheckStep;
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

    /** Before its loading stage a fastener that may be used once counts as one that may be used freely. */
    public function rule(Fault $fault, Step $step): FaultRule
    {
        $tooFar = $step->rules->result->loading && in_array($fault, [Fault::Over, Fault::FarOver, Fault::OverStretched, Fault::DidTwo], true);
        $reuse = $tooFar ? $this->plan->fastenerAt($step->position)->reuse ?? Reuse::Free : $this->fasteners->reuse($step->position);
        $rule = $this->rules[$fault->value][$step->stage][$reuse->value] ??= FaultTable::rule($fault, Controlled::by($step->kind), $reuse, $step->rules->motion->redo, $this->plan->faultOverrides);

        return $rule->going($this->goesOn($fault, $step, $rule));
    }

    /** @return list<string> the positions that a rule takes along, in the order in which they come loose */
    public function reached(FaultRule $rule, Step $step): array
    {
        $scope = FaultTable::scope($rule->reach, $this->redo($rule, $step));
        $positions = $scope === null ? $this->doneInRound($step) : $this->plan->positionsIn($scope, $step->position);

        return $this->inLooseningOrder($positions, $step);
    }

    /**
     * @param  list<string>  $positions
     * @return list<string>
     */
    public function inLooseningOrder(array $positions, Step $step): array
    {
        return count($positions) < 2 ? $positions
            : $this->steps->places->looseningOrder($positions, array_map(fn (Step $s): string => $s->position, $this->steps->stepsOf($step->stage, $step->leg)));
    }

    /** The widest that a redo reaches in the rounds that are lost at the position where it went wrong. */
    public function redo(FaultRule $rule, Step $step): Scope
    {
        $widest = $step->rules->motion->redo;
        $from = $this->from($rule->undo, $step, $step->position);
        foreach ($from === null ? [] : $this->steps->stepsAt($step->position) as $other) {
            if ($this->plan->placeOf($other->id) >= $from && $this->steps->live($other->id) !== null) {
                $widest = $widest->wider($other->rules->motion->redo);
            }
        }

        return $widest;
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

    /** @return list<Duty> all that is to be loosened first, in its order; then the rest, position by position */
    public function duties(FaultRule $rule, Step $step): array
    {
        $loosen = $rest = [];
        foreach ($this->reached($rule, $step) as $position) {
            [$replace, $check] = $this->replacement($rule, $step, $position);
            $from = $this->from($replace ? ReworkStart::Beginning : $rule->undo, $step, $position);
            // A fastener on which nothing was done yet has nothing to lose.
            if ($position !== $step->position && ! $rule->asksFor(Remedy::Clean) && ($from === null || ! $this->hasResult($position, $from))) {
                continue;
            }
            if ($from !== null && $this->isToLoosen($rule, $position, $from)) {
                $loosen[] = [$position, DutyKind::Loosen, $this->plan->steps[$from]->id];
            }
            foreach ($this->more($rule, $step, $position, $replace, $check, $from !== null) as $kind) {
                $rest[] = [$position, $kind, null];
            }
        }
        $partners = array_map(fn (string $p): array => [$p, DutyKind::Measure, null], $this->partnersToMeasure($rule, $step, array_column($loosen, 0)));

        return array_map(fn (int $i, array $d): Duty => new Duty($i + 1, $d[0], $d[1], $d[2]), array_keys($all = [...$loosen, ...$rest, ...$partners]), $all);
    }

    /** What was never done, and lies in nobody's thread, need not come loose; what went wrong without being recorded does. */
    private function isToLoosen(FaultRule $rule, string $position, int $from): bool
    {
        return ! $rule->asksFor(Remedy::Clean) || $this->hasResult($position, $from) || ! $this->fasteners->isFree($position);
    }

    /** @return list<DutyKind> */
    private function more(FaultRule $rule, Step $step, string $position, bool $replace, bool $check, bool $loose): array
    {
        $here = $position === $step->position;
        $coated = $rule->asksFor(Remedy::Clean) || $loose && $this->fasteners->dries($position);

        return array_map(DutyKind::from(...), array_keys(array_filter([
            DutyKind::CheckFastener->value => $check,
            DutyKind::Inspect->value => $here && $rule->asksFor(Remedy::Inspect),
            DutyKind::Repair->value => $here && $rule->asksFor(Remedy::Repair) && $this->fasteners->openRepair($position) === null,
            DutyKind::AcceptRepair->value => $here && $rule->asksFor(Remedy::Repair),
            DutyKind::Replace->value => $replace,
            DutyKind::Clean->value => $coated, DutyKind::Apply->value => $coated,
        ])));
    }

    /**
     * What shares the part with an over-stretched bolt was stretched beside it: it is measured, not scrapped.
     *
     * @param  list<string>  $loosened
     * @return list<string>
     */
    private function partnersToMeasure(FaultRule $rule, Step $step, array $loosened): array
    {
        $partners = $rule->asksFor(Remedy::MeasurePartner) ? array_diff($this->plan->positionsIn(Scope::Part, $step->position), $loosened, [$step->position]) : [];

        return array_values(array_filter($partners, fn (string $p): bool => $this->steps->live(Step::idOf($step->stage, $p, $step->pass)) !== null && $step->kind === StageKind::Stretch));
    }

    /**
     * Where a check names its way back: the furthest round of each fastener that was tightened last before it, as far as the
     * check says, in the order in which they come loose.
     *
     * @return list<Step> empty where it names none, or nothing before it is tight any more
     */
    public function nextOnTheWayBack(Step $check): array
    {
        $way = $check instanceof CheckStep ? $this->plan->checks[$check->check]->wayBack ?? null : null;
        $furthest = $way === null ? [] : $this->tightBefore($check);
        $last = $furthest === [] ? null : $furthest[array_key_last($furthest)];
        $with = match (true) {
            $last === null => [],
            $way === WayBack::LastLeg && $last->leg !== null => array_keys(array_filter($furthest, fn (Step $s): bool => $s->leg === $last->leg)),
            default => $this->plan->positionsIn($way === WayBack::LastGroup ? Scope::Group : Scope::Part, $last->position),
        };
        $positions = array_values(array_intersect(array_map(strval(...), array_keys($furthest)), array_map(strval(...), $with)));

        return array_map(fn (string $p): Step => $furthest[$p], $last === null ? [] : $this->inLooseningOrder($positions, $last));
    }

    /** @return list<string> the positions that a check may blame: its own, or of a shaft that is turned all that were tightened before it */
    public function blamed(Step $check): array
    {
        $turns = $check instanceof CheckStep && ($this->plan->checks[$check->check]->turnsShaft ?? false);
        $before = fn (string $p): bool => array_filter($this->steps->stepsAt($p), fn (Step $s): bool => $s->kind->turnsBolt() && $this->plan->placeOf($s->id) < $this->plan->placeOf($check->id)) !== [];

        return array_values(array_filter($turns ? $this->steps->places->all() : $this->steps->places->of($check), $before));
    }

    /** @return array<string, Step> the furthest round of each position that is tight, by position, in plan order */
    private function tightBefore(Step $check): array
    {
        $furthest = [];
        foreach ($this->blamed($check) as $position) {
            foreach ($this->fasteners->isFree($position) ? [] : $this->steps->stepsAt($position) as $step) {
                if ($this->plan->placeOf($step->id) < $this->plan->placeOf($check->id) && $step->kind->turnsBolt() && $this->steps->live($step->id) !== null) {
                    $furthest[$position] = $step;
                }
            }
        }
        uasort($furthest, fn (Step $a, Step $b): int => $this->plan->placeOf($a->id) <=> $this->plan->placeOf($b->id));

        return $furthest;
    }

    /** The stage itself says what a shortfall allows; a stretch goes on only where it can still be measured from the free bolt. */
    private function goesOn(Fault $fault, Step $step, FaultRule $rule): bool
    {
        $own = $step->rules->own;
        if ($own instanceof StretchStage) {
            return $rule->mayGoOn && ! $step->rules->motion->oneMotion && $this->fasteners->hasReference($step->position, $own);
        }
        if ($step->kind === StageKind::VerificationPass) {
            return in_array($fault, [Fault::NotProved, Fault::Short], true) && ($fault === Fault::NotProved || $step->rules->passes() === 1);
        }

        return $rule->mayGoOn || ($fault === Fault::Short && $step->rules->motion->mayContinue);
    }

    /** @return list<string> */
    private function doneInRound(Step $step): array
    {
        $positions = [];
        foreach ($this->steps->stepsOf($step->stage, $step->leg) as $other) {
            if ($this->steps->live($other->id) !== null || $other->id === $step->id) {
                $positions[$other->position] = true;
            }
        }

        return array_map(strval(...), array_keys(array_intersect_key($positions, $this->plan->positions)));
    }

    public function isLoaded(string $position): bool
    {
        return $this->fasteners->isLoaded($position);
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

    /** @return array{bool, bool} replace it; check it first. What was turned beside it goes by its own policy. */
    private function replacement(FaultRule $rule, Step $step, string $position): array
    {
        $undone = $rule->undo !== ReworkStart::Nothing;
        $ownWay = [$undone && $this->fasteners->isUsedUp($position), $undone && $this->fasteners->needsItsCheck($position)];
        if ($position !== $step->position) {
            return $ownWay;
        }

        return match ($rule->replace) {
            Replace::No => $ownWay,
            Replace::Yes => [true, false],
            Replace::IfLoaded => [$this->fasteners->isLoaded($position) || $this->fasteners->isUsedUp($position), false],
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
