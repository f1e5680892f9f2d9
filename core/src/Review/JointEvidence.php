<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunState;

/** What the record holds of one joint of a build: the plan that was due and, once begun, where its run stands. */
final readonly class JointEvidence
{
    /**
     * @param  Plan|null  $plan  the plan given, or the one in force where none was given; null: no approved procedure
     * @param  string|null  $notInForce  why the plan is not of the revision in force when the run began, as a sentence
     * @param  int  $setAside  readings set aside or in the tray that nobody has disposed of
     * @param  string|null  $without  why nothing of it stands in the record, as a sentence without its end: done on paper before, let go by a permit, no procedure, hardware not chosen
     */
    public function __construct(
        public string $joint,
        public ?Plan $plan,
        public ?RunState $state,
        public ?string $notInForce,
        public int $setAside,
        public ?string $without = null,
        public MadeWith $made = new MadeWith,
    ) {
    }

    /** Does nothing of it stand in the record, nor ever will as it stands? */
    public function isOutside(): bool
    {
        return $this->state === null && $this->without !== null;
    }

    /** Does its plan say how soon or how long: what works for a time on threads, a round that must follow, a settling? */
    public function hasTimeLimits(): bool
    {
        $agents = array_filter($this->plan->agents ?? [], fn (Agent $a): bool => $a->workingTime !== null);
        $steps = array_filter($this->plan->steps ?? [], fn (Step $s): bool => $s->rules->waiting->within !== null || $s->rules->own instanceof SettleStage);

        return $agents !== [] || $steps !== [];
    }

    /** "bolt 5, round 1" */
    public function placeOf(Step $step): string
    {
        $stages = array_values(array_unique(array_map(fn (Step $s): string => $s->stage, $this->plan->steps ?? [])));
        $number = $this->plan->positions[$step->position]->number ?? $step->position;

        return sprintf('%s, bolt %s, round %d', $this->joint, $number, (int) array_search($step->stage, $stages, true) + 1);
    }
}
