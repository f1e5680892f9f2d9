<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\TurnStop;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;

/** May the shaft be turned now, and why not: a lock is in, the thrust is not set, valves would meet pistons. It writes nothing. */
final readonly class TurnBook
{
    /** The fact of the joint that something keeps its shaft from being turned; its value is the reason. */
    public const STOP = 'turn_stop:';

    private const JOINT = 'joint';

    public function __construct(
        private Plan $plan,
        private State $state,
        private StepBook $steps,
        private AidBook $aids,
    ) {
    }

    /** Is the shaft turned for it? What brings a leg into reach is done by turning it. */
    public function turns(Step $step): bool
    {
        return $step instanceof CheckStep && ($step->opensLeg() || ($this->plan->checks[$step->check]->turnsShaft ?? false));
    }

    public function isHeldFor(Step $step): bool
    {
        return $this->turns($step) && $this->whyNot($step) !== [];
    }

    /**
     * @param  Step|null  $for  a step that may ask for an aid; null: by nobody's wish
     * @return array<string, string> why it must not be turned, in words, by what keeps it
     */
    public function whyNot(?Step $for = null): array
    {
        $why = [];
        foreach ($this->aids->holdingShaft($for) as $aid) {
            $why[$aid->key] = $aid->words().' is in';
        }
        foreach ($this->plan->rigging->stops as $stop) {
            if ($this->holds($stop)) {
                $why[$stop->key] = $stop->why;
            }
        }

        return $why;
    }

    /** The first step that has to be done so that a stop ends; null when no step ends one. */
    public function stepToEnd(): ?Step
    {
        foreach ($this->plan->rigging->stops as $stop) {
            $open = $this->holds($stop) ? array_values(array_filter($this->ending($stop), fn (Step $s): bool => $this->steps->status($s)->isOpen())) : [];
            if ($open !== []) {
                return $open[0];
            }
        }

        return null;
    }

    /** @return list<FactIs> what has changed of it since the state was told */
    public function changes(): array
    {
        $changes = [];
        $why = $this->whyNot();
        foreach ([...array_keys($this->plan->rigging->aids), ...array_map(fn (TurnStop $s): string => $s->key, $this->plan->rigging->stops)] as $key) {
            $is = $why[$key] ?? null;
            if ($this->state->factAt(self::JOINT, self::STOP.$key) !== $is) {
                $changes[] = new FactIs(self::JOINT, self::STOP.$key, $is);
            }
        }

        return $changes;
    }

    private function holds(TurnStop $stop): bool
    {
        $begun = $stop->from === null || array_filter($this->steps->stepsOf($stop->from), fn (Step $s): bool => $this->steps->live($s->id) !== null) !== [];

        return $begun && ($stop->until === null || array_filter($this->ending($stop), fn (Step $s): bool => $this->steps->status($s)->isOpen()) !== []);
    }

    /** @return list<Step> that end it once all of them are done */
    private function ending(TurnStop $stop): array
    {
        return array_values(array_filter($this->plan->steps, fn (Step $s): bool => $s->stage === $stop->until || ($s instanceof CheckStep && $s->check === $stop->until)));
    }
}
