<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\ThingIs;

/**
 * The working time of a locker or a sealant. Its end is told for every position that it holds, whoever does what then:
 * those that were not done by it are taken out, cleaned, coated afresh and started again.
 */
final readonly class Expiry
{
    public function __construct(
        private Plan $plan,
        private State $state,
        private StepBook $steps,
        private FastenerBook $fasteners,
        private OpenFaults $faults,
        private Emission $emission,
    ) {
    }

    /** @return array<string, list<Thing>> the agents whose time has provably passed, by position that was not done by then */
    public function due(Stamp $now): array
    {
        $due = [];
        foreach ($this->timed() as $agent) {
            foreach ($this->held($agent) as $position => $since) {
                $elapsed = $now->since($since);
                $thing = $this->state->thing($position, ThingKind::Agent->value.':'.$agent->key);
                if ($thing !== null && $elapsed?->proved === true && $elapsed->seconds > ($agent->workingTime->seconds ?? 0)) {
                    $due[$position][] = $thing;
                }
            }
        }

        return $due;
    }

    /** @param  array<string, list<Thing>>  $due */
    public function announce(array $due): void
    {
        $steps = [];
        foreach ($due as $position => $agents) {
            $this->emission->emit(...array_map(fn (Thing $t): ThingIs => new ThingIs($t->being(ThingState::Expired)), $agents));
            $step = $this->openAt((string) $position);
            $steps = $step === null || $this->faults->cases->asks((string) $position, DutyKind::Apply) ? $steps : [...$steps, $step];
        }
        if ($steps !== []) {
            $this->faults->openAll(Fault::TimePassed, $steps);
        }
    }

    /** @return list<array{agent: string, seconds: int, positions: array<string, Stamp>}> what is running, and since when; what was copied from paper runs by no clock here */
    public function running(): array
    {
        $held = fn (Agent $a): array => array_filter($this->held($a), fn (Stamp $since): bool => ! $since->isFromPaper());

        return array_values(array_filter(
            array_map(fn (Agent $a): array => ['agent' => $a->key, 'seconds' => $a->workingTime->seconds ?? 0, 'positions' => $held($a)], $this->timed()),
            fn (array $r): bool => $r['positions'] !== [],
        ));
    }

    /** @return list<Agent> */
    private function timed(): array
    {
        return array_values(array_filter($this->plan->agents, fn (Agent $a): bool => $a->workingTime !== null));
    }

    /** @return array<string, Stamp> since when it is wet, by position that is not done yet */
    private function held(Agent $agent): array
    {
        $held = [];
        foreach ($this->plan->positions as $place) {
            $since = $this->fasteners->agentSince($agent->key, $place->key);
            if ($since !== null && ! $this->isDone($place->key)) {
                $held[$place->key] = $since;
            }
        }

        return $held;
    }

    /** Done with: tightened in every round that it has. */
    private function isDone(string $position): bool
    {
        foreach ($this->steps->stepsAt($position) as $step) {
            if ($step->kind->tightens() && $this->steps->status($step)->isOpen()) {
                return false;
            }
        }

        return true;
    }

    /** The furthest round there that has a result, else the first to do. */
    private function openAt(string $position): ?Step
    {
        $steps = array_values(array_filter($this->steps->stepsAt($position), fn (Step $s): bool => $s->kind->tightens()));
        foreach (array_reverse($steps) as $step) {
            if ($this->steps->live($step->id) !== null) {
                return $step;
            }
        }

        return $steps[0] ?? null;
    }
}
