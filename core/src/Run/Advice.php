<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\Step;

/** What may be done now, why not something else, and what a redo would cost. Asked of a run while it is folded. */
final readonly class Advice
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return list<Choice> every open step in plan order: allowed, or why not */
    public function choices(): array
    {
        $next = $this->run->nextStep();
        $choices = [];
        foreach ($this->run->plan->steps as $step) {
            if ($this->run->steps->status($step)->isOpen()) {
                $why = $this->whyNot($step, $next);
                $choices[] = new Choice($step->id, $why === null, $why);
            }
        }

        return $choices;
    }

    /** @return list<NextAction> never empty before the run is finished */
    public function nextActions(): array
    {
        $run = $this->run;
        if ($run->isFinished()) {
            return [];
        }
        if ($run->person() === null) {
            return [new NextAction('begin', '', 'Begin the run.')];
        }
        $ways = $this->remedies();
        $next = $run->nextStep();
        if ($next !== null && $ways === []) {
            $ways = [$this->preparation($next) ?? new NextAction('step', $next->id, 'Do '.$next->id.'.')];
        }
        foreach ($next === null ? $this->putOff() : [] as $id) {
            $ways[] = new NextAction('take_up', $id, "Take up $id, which was put off.");
        }

        return $ways === [] ? [new NextAction('finish', '', 'Finish the run.')] : $ways;
    }

    /** Why the run cannot be finished, as one sentence; null when it can. */
    public function whyNotFinish(): ?string
    {
        $left = $this->run->isFinished() || $this->run->person() === null ? 0 : count($this->choices());

        return $left > 0
            ? sprintf('%d of %d steps %s not done.', $left, count($this->run->plan->steps), $left === 1 ? 'is' : 'are')
            : $this->run->whyNotFinish()[0] ?? null;
    }

    /** What putting a fault right at a step would cost. */
    public function redoCost(Fault $fault, Step $step): RedoCost
    {
        $rule = $this->run->reach->rule($fault, $step);
        $duties = $this->run->reach->duties($rule, $step);
        $fasteners = [];
        foreach (self::positionsFor($duties, DutyKind::Replace) as $position) {
            $type = $this->run->plan->positions[$position]->fastener;
            $fasteners[$type] = ($fasteners[$type] ?? 0) + 1;
        }
        $loose = self::positionsFor($duties, DutyKind::Loosen);

        return new RedoCost($loose, $fasteners, $this->gaskets($loose), count($this->run->reach->lost($duties)));
    }

    private function whyNot(Step $step, ?Step $next): ?string
    {
        if ($this->run->isFinished() || $this->run->person() === null) {
            return ($this->run->isFinished() ? SetAsideReason::RunClosed : SetAsideReason::RunNotBegun)->sentence();
        }
        if ($this->run->steps->isDeferred($step->id)) {
            return 'It was put off.';
        }
        $reason = $this->run->guard->whyNot($step, $this->run->hasPartner());
        if ($reason === SetAsideReason::WaitsForOther) {
            return 'It waits for '.implode(' and ', $this->run->guard->waitsFor($step)).'.';
        }

        return match (true) {
            $reason !== null => $reason->sentence(),
            $next !== null && $step->id !== $next->id => "Its turn comes after $next->id.",
            default => null,
        };
    }

    /** @return list<NextAction> what open faults and repairs ask for */
    private function remedies(): array
    {
        $ways = [];
        foreach ($this->run->faults->openCases() as $case) {
            if ($this->run->steps->isDeferred($case->step) && $this->run->nextStep() !== null) {
                continue;
            }
            if ($case->rule->mayGoOn) {
                $ways[] = new NextAction('step', $case->step, "Go on at $case->step where it stands.");
            }
            $ways = [...$ways, ...$this->duties($case)];
        }
        foreach ($this->run->fasteners->openRepairs() as $position => $kind) {
            $ways[] = new NextAction('accept_repair', (string) $position, "The lead accepts the repair ($kind) at $position.");
        }

        return $ways;
    }

    /** @return list<NextAction> the first thing to be done at each position */
    private function duties(CaseState $case): array
    {
        $ways = $case->leadDecides ? ['' => new NextAction('decide', $case->step, "The lead decides about $case->step.")] : [];
        foreach ($case->toDo() as $duty) {
            $ways[$duty->at] ??= match ($duty->do) {
                DutyKind::Loosen, DutyKind::TakeOut => new NextAction('loosen', $duty->at, "Loosen $duty->at."),
                DutyKind::CheckFastener => new NextAction('check_fastener', $duty->at, "Check the fastener of $duty->at."),
                DutyKind::Replace => new NextAction('replace', $duty->at, "Put a new fastener in at $duty->at."),
                DutyKind::Repair => new NextAction('repair', $duty->at, "Repair the thread at $duty->at."),
                DutyKind::AcceptRepair => new NextAction('accept_repair', $duty->at, "The lead accepts the repair at $duty->at."),
                default => new NextAction($duty->do->value, $duty->at, sprintf('%s: %s.', $duty->at, strtr($duty->do->value, '_', ' '))),
            };
        }

        return array_values($ways);
    }

    /**
     * @param  list<Duty>  $duties
     * @return list<string>
     */
    private static function positionsFor(array $duties, DutyKind $kind): array
    {
        return array_values(array_map(fn (Duty $d): string => $d->at, array_filter($duties, fn (Duty $d): bool => $d->do === $kind)));
    }

    /** What a step needs before it can be judged: a partner, a free length, a zero. */
    private function preparation(Step $step): ?NextAction
    {
        $own = $step->rules->own;

        return match (true) {
            $step->rules->people() > 1 && ! $this->run->hasPartner() => new NextAction('partner', $step->id, 'A second person joins.'),
            ! $own instanceof StretchStage => null,
            $own->absolute && $this->run->fasteners->freeLength($step->position) === null => new NextAction('measure', $step->position, "Measure the free length of $step->position."),
            ! $own->absolute && ! $this->run->fasteners->isZeroed($step->position, $own->oneZeroWithin) => new NextAction('zero', $step->position, "Zero the comparator on $step->position."),
            default => null,
        };
    }

    /** @return list<string> the first step put off at each position */
    private function putOff(): array
    {
        $first = [];
        foreach ($this->run->plan->steps as $step) {
            if ($this->run->steps->isDeferred($step->id)) {
                $first[$step->position] ??= $step->id;
            }
        }

        return array_values($first);
    }

    /**
     * A gasket that has been crushed is lost when nothing of the joint stays tight.
     *
     * @param  list<string>  $loose
     * @return list<string>
     */
    private function gaskets(array $loose): array
    {
        foreach ($this->run->plan->steps as $step) {
            if ($step->kind->tightens() && $this->run->steps->live($step->id) !== null && ! in_array($step->position, $loose, true)) {
                return []; // what stays tight holds the joint together
            }
        }
        $crushed = array_filter($this->run->plan->consumables, function (Consumable $c): bool {
            foreach ($c->crushedBy === null ? [] : $this->run->steps->stepsOf($c->crushedBy) as $step) {
                if ($this->run->steps->live($step->id) !== null) {
                    return true;
                }
            }

            return false;
        });

        return array_values(array_map(fn (Consumable $c): string => $c->name, $crushed));
    }
}
