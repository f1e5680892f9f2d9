<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\DemandedAdapter;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;

/** What may be done now, why not something else, and what a redo would cost. Asked of a run while it is folded. */
final readonly class Advice
{
    private Names $names;

    public function __construct(private RunFold $run)
    {
        $this->names = $run->names;
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
        if ($run->supervision->isAlone()) {
            return [new NextAction('supervisor', '', sprintf('You work under a supervisor here: %s. One who may do it alone stands beside you.', $run->supervision->what()))];
        }
        $ways = $this->remedies();
        $next = $run->nextStep();
        if ($next !== null && ! $this->isStopped()) {
            $ways[] = $this->preparation($next) ?? $this->do($next, 'Do %s.');
        }
        foreach ($next === null ? $this->putOff() : [] as $id) {
            $ways[] = new NextAction('take_up', $id, sprintf('Take up %s, which was put off.', $this->names->stepOf($id)));
        }
        $ways = $ways === [] ? (new Finishing($run))->ways() : $ways;

        return $ways === [] ? [new NextAction('finish', '', 'Finish the run.')] : self::once($ways);
    }

    /**
     * The step that may be done now, or that something has to be got ready for; null where something has to be put right first.
     *
     * @param  list<NextAction>|null  $ways  what may be done, where it was asked already
     */
    public function nextStep(?array $ways = null): ?string
    {
        foreach ($ways ?? $this->nextActions() as $way) {
            if ($way->do === 'step') {
                return $way->at;
            }
        }

        return $this->isStopped() ? null : $this->run->nextStep()?->id;
    }

    /** Why the run cannot be finished, as one sentence; null when it can. */
    public function whyNotFinish(): ?string
    {
        $left = $this->run->isFinished() || $this->run->person() === null ? 0 : count($this->choices());

        return $left > 0
            ? sprintf('%d of %d steps %s not done.', $left, count($this->run->plan->steps), $left === 1 ? 'is' : 'are')
            : $this->run->whyNotFinish()[0] ?? null;
    }

    /**
     * What it costs to do all this.
     *
     * @param  list<Duty>  $duties
     */
    public function priceOf(array $duties): RedoCost
    {
        $fasteners = [];
        foreach (self::positionsFor($duties, DutyKind::Replace) as $position) {
            $type = $this->run->plan->positions[$position]->fastener;
            $fasteners[$type] = ($fasteners[$type] ?? 0) + 1;
        }
        $loose = self::positionsFor($duties, DutyKind::Loosen);

        return new RedoCost(
            $loose, $fasteners, [...$this->gaskets($loose), ...array_map($this->names->place(...), self::positionsFor($duties, DutyKind::Renew))], $this->run->reach->lost($duties),
            self::positionsFor($duties, DutyKind::CheckFastener), self::positionsFor($duties, DutyKind::Repair),
        );
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
        if ($reason === SetAsideReason::ShaftHeld) {
            return 'The shaft must not be turned now: '.implode('; ', $this->run->turning->whyNot($step)).'.';
        }
        if ($reason === SetAsideReason::WaitsForOther) {
            return 'It waits for '.implode(' and ', array_unique(array_map($this->names->waited(...), $this->run->guard->waitsFor($step)))).'.';
        }

        return match (true) {
            $reason !== null => $reason->sentence(),
            $next !== null && $step->id !== $next->id => sprintf('Its turn comes after %s.', $this->names->step($next)),
            default => null,
        };
    }

    /** Does something stop every step, or the very next one? */
    private function isStopped(): bool
    {
        $next = $this->run->nextStep();

        return $next === null || $this->run->pulledBefore($next) !== null || in_array($this->run->guard->whyNot($next, true), [SetAsideReason::NotBackedOff, SetAsideReason::StepAlreadyDone], true);
    }

    /** @return list<NextAction> what open faults and repairs ask for, in the order of the remedies; only what may be done now */
    private function remedies(): array
    {
        $ways = [];
        foreach ($this->run->faults->cases->openCases() as $case) {
            if ($this->run->steps->isDeferred($case->step) && $this->run->nextStep() !== null) {
                continue;
            }
            $step = $this->run->plan->step($case->step);
            if ($case->rule->mayGoOn && $this->mayBeDone($step)) {
                $ways[] = $this->preparation($step) ?? $this->do($step, 'Go on with %s where it stands.');
            }
            // What was loosened is done again before the next is, or a joint would be open that must stay closed.
            $ways = [...$ways, ...$this->oneByOne($case), ...$this->duties($case)];
        }
        foreach ($this->run->fasteners->openRepairs() as $position => $kind) {
            $ways[] = new NextAction('accept_repair', (string) $position, sprintf('The lead accepts the repair (%s) at %s.', $kind, $this->names->place((string) $position)));
        }

        return $ways;
    }

    /** @return list<NextAction> the first thing to be done at each place */
    private function duties(CaseState $case): array
    {
        $ways = $case->leadDecides ? ['' => new NextAction('decide', $case->step, sprintf('The lead decides about %s.', $this->names->stepOf($case->step)))] : [];
        foreach ($case->toDo() as $duty) {
            $ways[$duty->at] ??= $this->way($duty);
        }

        return array_values(array_filter($ways));
    }

    /** Null where it may not be done yet. */
    private function way(Duty $duty): ?NextAction
    {
        $at = $this->names->stepOf($duty->at);
        $step = $this->run->plan->has($duty->at) ? $this->run->plan->step($duty->at) : null;

        return match ($duty->do) {
            DutyKind::Loosen, DutyKind::TakeOut => new NextAction('loosen', $duty->at, "Loosen $at."),
            DutyKind::CheckFastener => new NextAction('check_fastener', $duty->at, "Check the fastener of $at."),
            DutyKind::Inspect => new NextAction('inspect', $duty->at, $step === null ? "Look at thread and hole of $at." : "Put right what was found ($at), and say what was done."),
            DutyKind::Replace => new NextAction('replace', $duty->at, "Put a new fastener in at $at."),
            DutyKind::Renew => new NextAction('renew', $duty->at, "Put a new $at in."),
            DutyKind::Repair => new NextAction('repair', $duty->at, "Repair the thread at $at."),
            DutyKind::AcceptRepair => $this->run->fasteners->openRepair($duty->at) === null ? null : new NextAction('accept_repair', $duty->at, "The lead accepts the repair at $at."),
            DutyKind::Clean => new NextAction('clean', $duty->at, "Clean the threads of $at."),
            DutyKind::Apply => new NextAction('apply', $duty->at, "Coat $at afresh."),
            DutyKind::Measure => $this->measured($duty->at),
            DutyKind::Answer => $step === null || ! $this->mayBeDone($step) ? null : $this->do($step, 'Answer again: %s.'),
            DutyKind::SecondLook => new NextAction('second_look', $duty->at, "A second person looks at $at."),
        };
    }

    /** The stretch of what shares the part with one that was scrapped is measured again where it stands. */
    private function measured(string $position): ?NextAction
    {
        foreach ($this->run->steps->stepsAt($position) as $step) {
            if ($step->rules->own instanceof StretchStage && $this->mayBeDone($step)) {
                return $this->do($step, 'Measure again where it stands: %s.');
            }
        }

        return null;
    }

    /** @return list<NextAction> what may be done again before the next of the round is loosened, so that the joint stays closed */
    private function oneByOne(CaseState $case): array
    {
        $ways = [];
        foreach ($case->positions() as $position) {
            foreach ($case->isDoneOneByOne($position) ? $this->run->steps->stepsAt($position) : [] as $step) {
                // Later rounds have their turn once all are where they were.
                if ($this->run->steps->status($step)->isOpen() && ($step->stage === $this->run->plan->step($case->step)->stage || $this->run->plan->placeOf($step->id) < $this->run->plan->placeOf($case->step))) {
                    $ways[] = $this->mayBeDone($step) ? $this->preparation($step) ?? $this->do($step, 'Do %s again before the next is loosened.') : null;
                    break;
                }
            }
        }

        return array_values(array_filter($ways));
    }

    private function mayBeDone(Step $step): bool
    {
        return $this->run->guard->whyNot($step, true) === null;
    }

    private function do(Step $step, string $sentence): NextAction
    {
        return new NextAction('step', $step->id, sprintf($sentence, $this->names->step($step)));
    }

    /**
     * @param  list<NextAction>  $ways
     * @return list<NextAction> each once
     */
    private static function once(array $ways): array
    {
        $once = [];
        foreach ($ways as $way) {
            $once["$way->do $way->at"] ??= $way;
        }

        return array_values($once);
    }

    /**
     * @param  list<Duty>  $duties
     * @return list<string>
     */
    private static function positionsFor(array $duties, DutyKind $kind): array
    {
        return array_values(array_map(fn (Duty $d): string => $d->at, array_filter($duties, fn (Duty $d): bool => $d->do === $kind)));
    }

    /** What a step needs before it can be judged: another fastener, something fresh on it, a partner, a free length, a zero. */
    private function preparation(Step $step): ?NextAction
    {
        $own = $step->rules->own;
        $at = $this->names->place($step->position);
        $free = $this->run->fasteners->isFree($step->position);

        return $this->beside($step) ?? match (true) {
            $this->run->fasteners->whyThread($step) !== null => new NextAction('repair', $step->position, "{$this->run->fasteners->whyThread($step)} Repair or renew it at $at."),
            $this->run->fasteners->whyAnother($step) !== null => new NextAction('fit', $step->position, "Fit the real fastener, a new one, at $at."),
            $this->run->fasteners->whyUncoated($step) !== null => new NextAction('apply', $step->position, "Coat $at afresh."),
            $step->rules->people() > 1 && ! $this->run->hasPartner() => new NextAction('partner', $step->id, 'A second person joins.'),
            ! $own instanceof StretchStage || ! $free => null,
            $own->absolute && $this->run->fasteners->freeLength($step->position) === null => new NextAction('measure', $step->position, "Measure the free length of $at."),
            ! $own->absolute && ! $this->run->fasteners->isZeroed($step->position, $own->oneZeroWithin) => new NextAction('zero', $step->position, "Zero the comparator on $at."),
            default => null,
        };
    }

    /** What stands beside the step: a setting to be read again, an aid that goes in or comes out, what keeps the shaft, an adapter, a second look. */
    private function beside(Step $step): ?NextAction
    {
        [$run, $torque] = [$this->run, $this->run->state->tool(ToolUse::Torque)?->tool];
        $again = $this->toReadAgain($step);
        $out = $run->turning->turns($step) ? $run->aids->holdingShaft($step) : [];
        $ending = $run->turning->isHeldFor($step) ? $run->turning->stepToEnd() : null;
        $adapter = $run->judge->adapter($step);
        // A stroke for a round of its own is made when the round is done, and not at the end of all.
        $due = array_values(array_filter($run->marks->wanting(), fn (Mark $m): bool => $m->after !== null && $m->after !== $step->stage && $run->plan->marks?->when !== 'at_the_end'));
        $unlooked = array_merge([], ...array_map(fn (string $stage): array => $run->steps->unlooked($stage, $step), $step->rules->waiting->needs));

        return match (true) {
            $unlooked !== [] => Finishing::secondLook($run->names, $run->plan->step($unlooked[0])->stage, $unlooked),
            $again !== [] => Finishing::readAgain($run->names, $again[0]),
            $run->aids->toRemove($step) !== [] => new NextAction('remove_aid', $run->aids->toRemove($step)[0]->key, 'Take out '.$run->aids->toRemove($step)[0]->words().'.'),
            $run->aids->toFit($step) !== [] => new NextAction('fit_aid', $run->aids->toFit($step)[0]->key, 'Put in '.$run->aids->toFit($step)[0]->words().'.'),
            $out !== [] => new NextAction('remove_aid', $out[0]->key, 'The shaft is turned next. Take out '.$out[0]->words().'.'),
            $ending !== null && $ending->id !== $step->id => $this->preparation($ending) ?? $this->do($ending, 'The shaft must not be turned before it: do %s.'),
            $due !== [] => Finishing::mark($run->names, $due[0]),
            $adapter !== null && $torque !== null && ! $this->isSet($step, $adapter, $torque) => $this->toSet($step, $adapter),
            default => null,
        };
    }

    /** @return list<string> steps that rest on a setting which has to be read again before this one: their round is over, or their adapter comes off */
    private function toReadAgain(Step $next): array
    {
        $steps = array_map(strval(...), array_keys($this->run->state->facts(StepBook::SETTING_OPEN)));
        $plain = $this->run->judge->adapter($next) === null;
        $window = $next instanceof MeasuredStep ? $this->needed($next) : null;

        return array_values(array_filter($steps, function (string $id) use ($next, $plain, $window): bool {
            $step = $this->run->plan->step($id);
            $shows = $this->run->tools->shows($this->run->state->factAt($id, StepBook::SETTING_OPEN));

            return $step->stage !== $next->stage || $step->leg !== $next->leg || ($plain && $this->run->judge->adapter($step) !== null)
                || ($window !== null && $shows?->unit->kind() === $window->kind() && ! $window->judge($shows->quantity())->isGood());
        }));
    }

    /** What the wrench has to be set to for it, with its adapter on. */
    private function needed(MeasuredStep $step): ?Window
    {
        $window = $this->run->judge->window($step);

        return $window === null ? null : $this->run->judge->adapter($step)?->setting($window) ?? $window;
    }

    /** Is the wrench set, with an adapter on, to what this step asks for? What has no limits yet is set by nobody. */
    private function isSet(Step $step, DemandedAdapter $adapter, string $tool): bool
    {
        $shows = $this->run->tools->shows($tool);
        $window = $step->goal()?->window;
        $good = $shows === null || $window === null || $shows->unit->kind() !== $window->kind() || $adapter->setting($window)->judge($shows->quantity())->isGood();

        return $this->run->tools->adapterOn($tool) !== null && $good;
    }

    private function toSet(Step $step, DemandedAdapter $adapter): NextAction
    {
        $target = $step->goal()->target ?? null;

        return new NextAction('set_tool', $step->id, sprintf('Put %s on, set the wrench%s and read its setting.', $adapter->name, $target === null ? '' : ' to '.$adapter->settingFor($target)->typeset()));
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
