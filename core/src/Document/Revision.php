<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Sequence\Position;

/** One edition of a procedure, read from its document and found to be whole. */
final readonly class Revision
{
    public const FORMAT = 'tekkal.procedure/1';

    /**
     * @param  string  $hash  SHA-256 of the document's canonical bytes, 64 hex digits
     * @param  array<string, Group>  $groups  by key, in the document's order
     * @param  array<string, FastenerType>  $fasteners  by key
     * @param  array<string, Check>  $checks  by key
     * @param  list<Agent>  $agents
     * @param  list<Consumable>  $consumables
     * @param  non-empty-list<Block>  $blocks
     * @param  list<FaultOverride>  $faultOverrides
     * @param  list<MissingValue>  $missing
     * @param  array<string, CitedSource>  $sources  by key
     * @param  list<WindowStandard>  $standards
     * @param  list<Conflict>  $conflicts
     */
    public function __construct(
        public string $hash,
        public string $title,
        public Purpose $purpose,
        public string $riskClass,
        public FastenerMap $map,
        public array $groups,
        public array $fasteners,
        public array $checks,
        public array $agents,
        public array $consumables,
        public array $blocks,
        public array $faultOverrides,
        public array $missing,
        public array $sources,
        public array $standards,
        public array $conflicts,
    ) {
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

    /** @return list<string> what stands in the way of a signature; a draft may be kept with it */
    public function whyNotApprovable(): array
    {
        return [
            ...array_map(fn (MissingValue $m): string => $m->sentence(), $this->missing),
            ...array_values(array_filter(array_map(fn (Conflict $c): ?string => $c->whyNotApprovable($this->sources), $this->conflicts))),
        ];
    }
}
