<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Scope;
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

    private const THREAD = 'thread';

    public function __construct(private Plan $plan, private State $state)
    {
    }

    /** The fastener that is in; one of which nothing was said yet is the first there, not tightened. */
    public function bolt(string $position): Thing
    {
        return $this->state->thing($position, self::BOLT) ?? new Thing($position, ThingKind::Bolt, 1, ThingState::Loose);
    }

    /** @return list<Effect> what tightening it at a step does to it; one counts when it reaches the loading stage */
    public function tightened(Step $step): array
    {
        $bolt = $this->bolt($step->position);

        return $step->rules->result->loading && ! $step->rules->result->trial && $bolt->is !== ThingState::Loaded
            ? [new ThingIs($bolt->being(ThingState::Loaded, $bolt->count + 1))]
            : [];
    }

    /**
     * A fastener that comes out is measured, and zeroed on, anew; the agents on it are gone.
     *
     * @return list<Effect>
     */
    public function loosened(string $position): array
    {
        $bolt = $this->bolt($position);
        $effects = $bolt->is === ThingState::Loaded ? [new ThingIs($bolt->being(ThingState::Loose))] : [];
        foreach ([self::FREE_LENGTH, self::ZERO] as $key) {
            if ($this->state->factAt($position, $key) !== null) {
                $effects[] = new FactIs($position, $key, null);
            }
        }

        return [...$effects, ...$this->cleaned($position)];
    }

    /** @return list<Effect> what was on it is gone */
    public function cleaned(string $position): array
    {
        $effects = [];
        foreach ($this->state->thingsAt($position) as $thing) {
            if ($thing->thing === ThingKind::Agent && $thing->is === ThingState::Wet) {
                $effects[] = new ThingIs($thing->being(ThingState::Out));
            }
        }

        return $effects;
    }

    /** @return list<Effect> */
    public function replaced(string $position, ?string $lot): array
    {
        return [...$this->loosened($position), new ThingIs(new Thing($position, ThingKind::Bolt, $this->bolt($position)->number + 1, ThingState::Loose, notes: new ThingNotes(lot: $lot)))];
    }

    /** Has the fastener that is in had as many tightenings as it may have, should it be loosened now? */
    public function isUsedUp(string $position): bool
    {
        $type = $this->plan->fastenerAt($position);
        $cycles = $this->bolt($position)->count;

        return match ($type?->reuse) {
            Reuse::Never => $cycles >= 1,
            Reuse::UpTo => $cycles >= ($type->cycles ?? 1),
            default => false,
        };
    }

    public function needsItsCheck(string $position): bool
    {
        return $this->plan->fastenerAt($position)?->reuse === Reuse::IfCheckPasses && $this->bolt($position)->count >= 1;
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

    /** The thread, once it was repaired. */
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
}
