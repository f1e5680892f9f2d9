<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Unit\Written;

/** One edition of a procedure, read from its document and found to be whole. */
final readonly class Revision
{
    public const FORMAT = 'tekkal.procedure/1';

    public string $hash;

    public string $title;

    public Purpose $purpose;

    public string $riskClass;

    public FastenerMap $map;

    /** @var array<string, Group> by key */
    public array $groups;

    /** @var array<string, FastenerType> by key */
    public array $fasteners;

    /** @var list<Agent> */
    public array $agents;

    /** @var list<Consumable> */
    public array $consumables;

    /** @var array<string, Check> by key */
    public array $checks;

    /** @var non-empty-list<Block> */
    public array $blocks;

    /** @var list<FaultOverride> */
    public array $faultOverrides;

    public ?MarkPolicy $marks;

    public Rigging $rigging;

    /** @var array<string, Written> the torque at which the estimate puts the yield, by group */
    public array $yields;

    /** @var array<string, CitedSource> by key */
    public array $sources;

    /** @var list<WindowStandard> */
    public array $standards;

    /** @var list<Conflict> */
    public array $conflicts;

    /** @var list<MissingValue> */
    public array $missing;

    public function __construct(Heading $heading, Hardware $hardware, Work $work, Basis $basis)
    {
        [$this->hash, $this->title, $this->purpose, $this->riskClass] = [$heading->hash, $heading->title, $heading->purpose, $heading->riskClass];
        [$this->map, $this->groups, $this->fasteners] = [$hardware->map, $hardware->groups, $hardware->fasteners];
        [$this->agents, $this->consumables, $this->yields, $this->rigging] = [$hardware->agents, $hardware->consumables, $hardware->yields, $hardware->rigging];
        [$this->checks, $this->blocks, $this->faultOverrides, $this->marks] = [$work->checks, $work->blocks, $work->faultOverrides, $work->marks];
        [$this->sources, $this->standards, $this->conflicts, $this->missing] = [$basis->sources, $basis->standards, $basis->conflicts, $basis->missing];
    }

    /** @return list<Stage> in the document's order, those of blocks included */
    public function stages(): array
    {
        return array_merge(...array_map(fn (Block $b): array => $b->stages, $this->blocks));
    }

    public function tighteningLine(): TighteningLine
    {
        return new TighteningLine($this);
    }

    /**
     * Positions by the names of the groups that they make up, and the rest by number: "inner and no. 7".
     *
     * @param  list<string>  $positions
     */
    public function named(array $positions): string
    {
        $names = [];
        foreach ($this->groups as $group) {
            $of = array_map(fn (Position $p): string => $p->key, $this->map->inGroup($group->key));
            if ($of !== [] && array_diff($of, $positions) === []) {
                $names[] = $group->name;
                $positions = array_values(array_diff($positions, $of));
            }
        }
        $numbers = array_map(fn (string $p): string => $this->map->has($p) ? $this->map->position($p)->number : $p, $positions);

        return implode(' and ', [...$names, ...($numbers === [] ? [] : [(count($numbers) === 1 ? 'no. ' : 'nos. ').implode(', ', $numbers)])]);
    }

    /** @return list<MissingValue|string> what stands in the way of a signature; a draft may be kept with it */
    public function blockers(): array
    {
        return [
            ...$this->missing,
            ...NeverMeant::in($this),
            ...array_values(array_filter(array_map(fn (Conflict $c): ?string => $c->whyNotApprovable($this->sources), $this->conflicts))),
        ];
    }

    /** @return list<string> the same with the places as pointers, for who writes documents as text */
    public function whyNotApprovable(): array
    {
        return array_map(fn (MissingValue|string $why): string => is_string($why) ? $why : $why->sentence(), $this->blockers());
    }
}
