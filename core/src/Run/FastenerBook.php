<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\SpentWhen;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Unit\Written;

/** What is known of the fastener at each position while a run is folded, asked of its state by the plan. It writes nothing. */
final readonly class FastenerBook
{
    public const FREE_LENGTH = 'free_length';

    public const ZERO = 'zero';

    public const BOLT = 'bolt';

    /** The fact of a position that its mark was made; its value is the furthest step that it stands for. */
    public const MARKED_AFTER = 'marked_after';

    private const THREAD = 'thread';

    public function __construct(private Plan $plan, private State $state)
    {
    }

    /** The fastener that is in; one of which nothing was said yet is the first there, not tightened. */
    public function bolt(string $position): Thing
    {
        return $this->state->thing($position, self::BOLT) ?? new Thing($position, ThingKind::Bolt, 1, ThingState::Loose);
    }

    /**
     * What a pull at a step does to the metal: the fastener is turned, and one that reaches the loading stage, in a trial fit
     * or in earnest, has had a tightening, and so has its thread.
     *
     * @return list<Effect>
     */
    public function tightened(Step $step): array
    {
        $bolt = $this->bolt($step->position);
        if (! $step->kind->turnsBolt() || $bolt->is === ThingState::Loaded) {
            return [];
        }
        if (! $step->rules->result->loading) {
            return $bolt->is === ThingState::Turned ? [] : [new ThingIs($this->used($bolt->being(ThingState::Turned)))];
        }
        $thread = $this->thread($step->position) ?? new Thing($step->position, ThingKind::Thread, 1, ThingState::In);

        return [new ThingIs($this->used($bolt->being(ThingState::Loaded, $bolt->count + 1))), new ThingIs($thread->being($thread->is, $thread->count + 1))];
    }

    /**
     * What was measured on the free fastener, and the marks on its head, tell of a tightening that is gone.
     *
     * @return list<Effect>
     */
    public function loosened(string $position): array
    {
        $bolt = $this->bolt($position);
        $effects = $this->isFree($position) ? [] : [new ThingIs($bolt->being(ThingState::Loose))];
        foreach ([self::FREE_LENGTH, self::ZERO, self::MARKED_AFTER] as $key) {
            if ($this->state->factAt($position, $key) !== null) {
                $effects[] = new FactIs($position, $key, null);
            }
        }

        return $effects;
    }

    /**
     * Back by an angle that is less than a whole turn leaves it under load.
     *
     * @return list<Effect>
     */
    public function loosenedBy(string $position, LoosenStage $stage): array
    {
        $bolt = $this->bolt($position);
        if ($stage->back === null || $stage->back->quantity()->inBase()->isGreaterThanOrEqualTo(360)) {
            return $this->loosened($position);
        }

        return $bolt->is === ThingState::Loaded ? [new ThingIs($bolt->being(ThingState::Turned))] : [];
    }

    /** @return list<Effect> a gasket that is set for good */
    public function crushed(string $gasket): array
    {
        $thing = $this->state->thing($gasket, ThingKind::Gasket->value) ?? new Thing($gasket, ThingKind::Gasket, 1, ThingState::In);

        return $thing->is === ThingState::In ? [new ThingIs($thing->being(ThingState::Loaded, $thing->count + 1))] : [];
    }

    /** Why what was on its threads does not count any more, as a sentence; null when it does, or nothing was. */
    public function whyUncoated(Step $step): ?string
    {
        foreach ($step->kind->turnsBolt() ? $this->plan->agents : [] as $agent) {
            $is = $this->state->thing($step->position, ThingKind::Agent->value.':'.$agent->key)?->is;
            if ($agent->workingTime !== null && ($is === ThingState::Out || $is === ThingState::Expired)) {
                return sprintf('No fresh %s was put on since it came off.', $agent->condition);
            }
        }

        return null;
    }

    /** Is it free of load: never turned yet, or loosened since? */
    public function isFree(string $position): bool
    {
        return ! in_array($this->bolt($position)->is, [ThingState::Turned, ThingState::Loaded], true);
    }

    /** @return list<Effect> what was on it is gone */
    public function cleaned(string $position): array
    {
        return array_map(fn (Thing $agent): Effect => new ThingIs($agent->being(ThingState::Out)), $this->coats($position));
    }

    /** @return list<Thing> the agents that are on it, in time or too late */
    public function coats(string $position): array
    {
        return array_values(array_filter($this->state->thingsAt($position), fn (Thing $t): bool => $t->thing === ThingKind::Agent && in_array($t->is, [ThingState::Wet, ThingState::Expired], true)));
    }

    /** Is something on it that sets? Oil that was put on stays good however often the fastener is turned. */
    public function dries(string $position): bool
    {
        $oils = array_map(fn (Agent $a): string => $a->register(), array_filter($this->plan->agents, fn (Agent $a): bool => $a->workingTime === null));

        return array_filter($this->coats($position), fn (Thing $t): bool => ! in_array($t->notes->kind, $oils, true)) !== [];
    }

    /** @return list<Effect> */
    public function replaced(string $position, FastenerSet $set, ?string $lot): array
    {
        return $this->fitted($position, $set, $lot, $this->bolt($position)->number + 1);
    }

    /** @return list<Effect> another one is in, and nothing of it was tightened */
    public function fitted(string $position, FastenerSet $set, ?string $lot, ?int $number = null): array
    {
        $number ??= ($this->state->thing($position, self::BOLT)->number ?? 0) + 1;

        return [...$this->loosened($position), new ThingIs(new Thing($position, ThingKind::Bolt, $number, ThingState::Loose, notes: new ThingNotes(set: $set, lot: $lot)))];
    }

    /** Has the gasket that is in been set for good? */
    public function isCrushed(string $gasket): bool
    {
        return $this->state->thing($gasket, ThingKind::Gasket->value)?->is === ThingState::Loaded;
    }

    /** Has the fastener that is in had all that it may have, should it be loosened now? */
    public function isUsedUp(string $position): bool
    {
        $type = $this->plan->fastenerAt($position);
        $bolt = $this->bolt($position);

        return $bolt->notes->spent !== null || match ($type?->reuse) {
            Reuse::Never => $bolt->count >= 1,
            Reuse::UpTo => $bolt->count >= ($type->cycles ?? 1),
            default => false,
        };
    }

    /** The policy that counts as it stands: before the loading stage nothing is spent. */
    public function reuse(string $position): Reuse
    {
        $reuse = $this->plan->fastenerAt($position)->reuse ?? Reuse::Free;

        return $this->isLoaded($position) || $this->bolt($position)->notes->spent !== null ? $reuse : Reuse::Free;
    }

    /** Why another fastener has to go in before a step, as a sentence; null when this one may be tightened. */
    public function whyAnother(Step $step): ?string
    {
        $bolt = $this->bolt($step->position);

        return match (true) {
            $step->rules->result->trial || ! $step->kind->turnsBolt() || ! $this->isFree($step->position) => null,
            $bolt->notes->set === FastenerSet::Trial => 'The fastener of the trial set is still in; the real one is wanted.',
            $this->isUsedUp($step->position) => 'This fastener has had its tightening; a new one is wanted.',
            default => null,
        };
    }

    /** Why the threaded part takes no more, as a sentence; null when it does, or nobody says how often it may. */
    public function whyThread(Step $step): ?string
    {
        $type = $this->plan->fastenerAt($step->position);
        $thread = $this->thread($step->position);
        $isInsert = ($thread->number ?? 1) > 1;
        $limit = $isInsert ? $type?->insertCycles : $type?->threadCycles;

        return $thread === null || $limit === null || $thread->count < $limit || ! $step->kind->turnsBolt() || ! $this->isFree($step->position) ? null
            : sprintf('The %s has had the %d tightenings that it takes.', $isInsert ? 'insert' : 'thread', $limit);
    }

    public function needsItsCheck(string $position): bool
    {
        return $this->plan->fastenerAt($position)?->reuse === Reuse::IfCheckPasses && $this->isLoaded($position);
    }

    public function isLoaded(string $position): bool
    {
        return $this->bolt($position)->count >= 1;
    }

    public function freeLength(string $position): ?Written
    {
        $written = $this->state->factAt($position, self::FREE_LENGTH);

        return $written === null ? null : Written::coded($written);
    }

    /**
     * Was the comparator zeroed on this fastener, or on a partner of the same part whose free length was near enough?
     *
     * @param  Written|null  $within  how much the two free lengths may differ; null: one zero serves one fastener only
     */
    public function isZeroed(string $position, ?Written $within): bool
    {
        if ($this->isZeroedHere($position) || $within === null) {
            return $this->isZeroedHere($position);
        }
        $own = $this->freeLength($position);
        foreach ($this->plan->positionsIn(Scope::Part, $position) as $partner) {
            $other = $this->freeLength($partner);
            if ($this->isZeroedHere($partner) && $own !== null && $other !== null) {
                $difference = $own->minus($other, RoundingMode::HALF_UP) ?? $other->minus($own, RoundingMode::HALF_UP);

                return $difference !== null && ! $difference->isGreaterThan($within);
            }
        }

        return false;
    }

    /** Is there anything on the free bolt from which its stretch can be counted? */
    public function hasReference(string $position, StretchStage $stage): bool
    {
        return $stage->absolute ? $this->freeLength($position) !== null : $this->isZeroed($position, $stage->oneZeroWithin);
    }

    /** When the agent went on that is there now. */
    public function agentSince(string $agent, string $position): ?Stamp
    {
        $register = ThingKind::Agent->value.':'.$agent;

        return $this->state->thing($position, $register)?->is === ThingState::Wet ? $this->state->thingSince($position, $register) : null;
    }

    /** The kind of repair that nobody has accepted yet; every later stage is held there. */
    public function openRepair(string $position): ?string
    {
        $thread = $this->thread($position);

        return $thread?->notes->accepted === false ? $thread->notes->kind : null;
    }

    public function repairedBy(string $position): ?string
    {
        return $this->openRepair($position) === null ? null : $this->state->thingSince($position, self::THREAD)?->person;
    }

    /** The thread, once it was loaded or repaired. */
    public function thread(string $position): ?Thing
    {
        return $this->state->thing($position, self::THREAD);
    }

    /** @return array<string, string> kinds of repair that nobody has accepted yet, by position */
    public function openRepairs(): array
    {
        $open = [];
        foreach ($this->state->places() as $position) {
            $kind = $this->openRepair($position);
            if ($kind !== null) {
                $open[$position] = $kind;
            }
        }

        return $open;
    }

    private function isZeroedHere(string $position): bool
    {
        return $this->state->factAt($position, self::ZERO) !== null;
    }

    /** With what it loses by that. */
    private function used(Thing $bolt): Thing
    {
        $type = $this->plan->fastenerAt($bolt->at);
        $spent = match (true) {
            $bolt->notes->spent !== null, $type?->reuse !== Reuse::Never => null,
            $type->spentWhen === SpentWhen::Turned => 'It was turned, and what is on its threads is used up.',
            $bolt->is === ThingState::Loaded => 'It reached its loading stage, which it may do once.',
            default => null,
        };

        return $spent === null ? $bolt : $bolt->spent($spent);
    }
}
