<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Written;

/** What is known of the fastener at each position while a run is folded: tightenings, lengths, zeros, agents, repairs. */
final class FastenerBook
{
    /** @var array<string, int> tightenings of the fastener that is in; one counts when it reaches the loading stage */
    private array $cycles = [];

    /** @var array<string, true> loaded since it was last loosened */
    private array $loaded = [];

    /** @var array<string, int> how many were replaced */
    private array $replaced = [];

    /** @var array<string, Written> */
    private array $freeLengths = [];

    /** @var array<string, true> */
    private array $zeroed = [];

    /** @var array<string, array<string, Stamp>> when each agent went on, by position */
    private array $agents = [];

    /** @var array<string, string> kinds of repair that nobody has accepted yet, by position */
    private array $repairs = [];

    /** @var array<string, int> */
    private array $marks = [];

    public function __construct(private readonly Plan $plan)
    {
    }

    public function tightened(Step $step): void
    {
        if ($step->rules->result->loading && ! $step->rules->result->trial && ! isset($this->loaded[$step->position])) {
            $this->loaded[$step->position] = true;
            $this->cycles[$step->position] = ($this->cycles[$step->position] ?? 0) + 1;
        }
    }

    /** A fastener that comes out is measured, and zeroed on, anew; the agents on it are gone. */
    public function loosened(string $position): void
    {
        unset($this->loaded[$position], $this->freeLengths[$position], $this->zeroed[$position], $this->agents[$position]);
    }

    public function replaced(string $position): void
    {
        $this->loosened($position);
        unset($this->cycles[$position]);
        $this->replaced[$position] = ($this->replaced[$position] ?? 0) + 1;
    }

    /** Has the fastener that is in had as many tightenings as it may have, should it be loosened now? */
    public function isUsedUp(string $position): bool
    {
        $type = $this->plan->fastenerAt($position);
        $cycles = $this->cycles[$position] ?? 0;

        return match ($type?->reuse) {
            Reuse::Never => $cycles >= 1,
            Reuse::UpTo => $cycles >= ($type->cycles ?? 1),
            default => false,
        };
    }

    public function needsItsCheck(string $position): bool
    {
        return $this->plan->fastenerAt($position)?->reuse === Reuse::IfCheckPasses && ($this->cycles[$position] ?? 0) >= 1;
    }

    public function isLoaded(string $position): bool
    {
        return ($this->cycles[$position] ?? 0) >= 1;
    }

    public function measureFree(string $position, Written $length): void
    {
        $this->freeLengths[$position] = $length;
    }

    public function freeLength(string $position): ?Written
    {
        return $this->freeLengths[$position] ?? null;
    }

    public function zero(string $position): void
    {
        $this->zeroed[$position] = true;
    }

    /**
     * Was the comparator zeroed on this fastener, or on a partner of the same part whose free length was near enough?
     *
     * @param  Written|null  $within  how much the two free lengths may differ; null: one zero serves one fastener only
     */
    public function isZeroed(string $position, ?Written $within): bool
    {
        if (isset($this->zeroed[$position]) || $within === null) {
            return isset($this->zeroed[$position]);
        }
        $own = $this->freeLengths[$position] ?? null;
        foreach ($this->plan->positionsIn(Scope::Part, $position) as $partner) {
            $other = $this->freeLengths[$partner] ?? null;
            if (isset($this->zeroed[$partner]) && $own !== null && $other !== null) {
                $difference = $own->minus($other, RoundingMode::HALF_UP) ?? $other->minus($own, RoundingMode::HALF_UP);

                return $difference !== null && ! $difference->isGreaterThan($within);
            }
        }

        return false;
    }

    public function applyAgent(string $agent, string $position, Stamp $stamp): void
    {
        $this->agents[$position][$agent] = $stamp;
    }

    public function agentSince(string $agent, string $position): ?Stamp
    {
        return $this->agents[$position][$agent] ?? null;
    }

    public function repair(string $position, string $kind): void
    {
        $this->repairs[$position] = $kind;
    }

    public function acceptRepair(string $position): void
    {
        unset($this->repairs[$position]);
    }

    /** The kind of repair that nobody has accepted yet; every later stage is held there. */
    public function openRepair(string $position): ?string
    {
        return $this->repairs[$position] ?? null;
    }

    /** @return array<string, string> */
    public function openRepairs(): array
    {
        return $this->repairs;
    }

    public function mark(string $position): void
    {
        $this->marks[$position] = ($this->marks[$position] ?? 0) + 1;
    }

    public function counts(): FastenerCounts
    {
        return new FastenerCounts($this->cycles, $this->replaced, $this->marks);
    }
}
