<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\DemandedAdapter;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\FaultOverride;
use Tekkal\Core\Document\MarkPolicy;
use Tekkal\Core\Document\Rigging;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Unit\Written;

/** All steps of a revision in order, with what a run must know to judge them. Stored once, at approval; a run pins its hash. */
final readonly class Plan
{
    /** @var array<string, int> place in the order, by step id */
    private array $places;

    /** @var array<string, non-empty-list<string>> positions by part */
    private array $byPart;

    /** @var array<string, non-empty-list<string>> positions by group */
    private array $byGroup;

    /** @var array<string, FastenerType> by key */
    public array $fasteners;

    /** @var array<string, Place> by key */
    public array $positions;

    /** @var list<Agent> */
    public array $agents;

    /** @var list<Consumable> */
    public array $consumables;

    /** @var array<string, Check> by key */
    public array $checks;

    /** @var array<string, StageRules> by key, in order */
    public array $stages;

    /** @var list<FaultOverride> */
    public array $faultOverrides;

    public ?MarkPolicy $marks;

    public Rigging $rigging;

    /** @var array<string, Written> the torque at which the estimate puts the yield, by group */
    private array $yields;

    /** @var array<string, string> of parts and legs, by key */
    private array $names;

    /** @param  non-empty-list<Step>  $steps */
    public function __construct(
        public string $revisionHash,
        public string $expander,
        PlanHardware $hardware,
        PlanRules $rules,
        public array $steps,
    ) {
        [$this->fasteners, $this->positions, $this->agents, $this->consumables] = [$hardware->fasteners, $hardware->positions, $hardware->agents, $hardware->consumables];
        [$this->checks, $this->stages, $this->faultOverrides, $this->marks] = [$rules->checks, $rules->stages, $rules->faultOverrides, $rules->marks];
        [$this->yields, $this->names, $this->rigging] = [$hardware->yields, $hardware->names, $hardware->rigging];
        $places = [];
        foreach ($steps as $i => $step) {
            $places[$step->id] = $i;
        }
        $this->places = $places;
        $byPart = $byGroup = [];
        foreach ($this->positions as $place) {
            $byPart[$place->part][] = $place->key;
            $byGroup[$place->group][] = $place->key;
        }
        $this->byPart = $byPart;
        $this->byGroup = $byGroup;
    }

    public function has(string $stepId): bool
    {
        return isset($this->places[$stepId]);
    }

    /** @throws PlanException when the plan has no such step */
    public function step(string $stepId): Step
    {
        return $this->steps[$this->placeOf($stepId)];
    }

    /** @throws PlanException when the plan has no such step */
    public function placeOf(string $stepId): int
    {
        return $this->places[$stepId] ?? throw new PlanException(sprintf('The plan has no step "%s".', $stepId), 'step', $stepId, 'a step of the plan');
    }

    public function fastenerAt(string $position): ?FastenerType
    {
        $place = $this->positions[$position] ?? null;

        return $place === null ? null : $this->fasteners[$place->fastener] ?? null;
    }

    /** A part or a leg as people say it; one without a name of its own by its key. */
    public function nameOf(string $key): string
    {
        return $this->names[$key] ?? $key;
    }

    /** What has to sit between wrench and fastener there; null: nothing. */
    public function adapterAt(string $position): ?DemandedAdapter
    {
        return $this->rigging->adapters[$this->positions[$position]->adapter ?? ''] ?? null;
    }

    /** The torque at which the estimate puts the yield of the fastener there; null where there is no estimate. */
    public function yieldAt(string $position): ?Written
    {
        return $this->yields[$this->positions[$position]->group ?? ''] ?? null;
    }

    /**
     * The positions that a scope takes in, seen from one of them.
     *
     * @return list<string>
     */
    public function positionsIn(Scope $scope, string $position): array
    {
        $here = $this->positions[$position] ?? null;

        return match (true) {
            $here === null => [],
            $scope === Scope::Position => [$here->key],
            $scope === Scope::Part => $this->byPart[$here->part],
            $scope === Scope::Group => $this->byGroup[$here->group],
            default => array_map(strval(...), array_keys($this->positions)),
        };
    }

    public function bytes(): string
    {
        return CanonicalJson::encode([
            'expander' => $this->expander,
            'revision_hash' => $this->revisionHash,
            'fasteners' => self::arrays($this->fasteners),
            'positions' => self::arrays($this->positions),
            'checks' => self::arrays($this->checks),
            'agents' => self::arrays($this->agents),
            'consumables' => self::arrays($this->consumables),
            'stages' => self::arrays($this->stages),
            'fault_overrides' => self::arrays($this->faultOverrides),
            'steps' => self::arrays($this->steps),
        ] + $this->rigging->toArray()
          + ($this->marks === null ? [] : ['marks' => $this->marks->toArray()])
          + ($this->names === [] ? [] : ['names' => array_map(fn (string $key, string $name): array => ['key' => $key, 'name' => $name], array_keys($this->names), $this->names)])
          + ($this->yields === [] ? [] : ['yields' => array_map(fn (string $group, Written $torque): array => ['group' => $group, 'torque' => $torque->code()], array_keys($this->yields), $this->yields)]));
    }

    /** SHA-256 of the canonical bytes, 64 hex digits. */
    public function hash(): string
    {
        return hash('sha256', $this->bytes());
    }

    /**
     * @param  array<FastenerType|Place|Check|Agent|Consumable|StageRules|FaultOverride|Step>  $things
     * @return list<array<string, mixed>>
     */
    private static function arrays(array $things): array
    {
        return array_map(fn ($thing): array => $thing->toArray(), array_values($things));
    }
}
