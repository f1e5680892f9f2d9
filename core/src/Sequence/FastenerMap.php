<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

/** The joint's plan view: its positions, in the document's order. */
final readonly class FastenerMap
{
    /** @var array<string, Position> */
    private array $byKey;

    /**
     * @param  list<Position>  $positions
     * @param  array<string, string>  $parts  their names, by key
     * @param  array<string, string>  $adapters  without which no wrench reaches it, by position
     *
     * @throws SequenceException when two positions share a key
     */
    public function __construct(public array $positions, public array $parts = [], public array $adapters = [])
    {
        $byKey = [];
        foreach ($positions as $position) {
            if (isset($byKey[$position->key])) {
                throw new SequenceException(sprintf('Two positions have the key "%s".', $position->key), 'key', $position->key, 'a key that no other position has');
            }
            $byKey[$position->key] = $position;
        }
        $this->byKey = $byKey;
    }

    public function has(string $key): bool
    {
        return isset($this->byKey[$key]);
    }

    /** @throws SequenceException when the map has no such position */
    public function position(string $key): Position
    {
        return $this->byKey[$key] ?? throw new SequenceException(sprintf('The map has no position "%s".', $key), 'position', $key, 'a position of the map');
    }

    /** @return list<Position> */
    public function inGroup(string $group): array
    {
        return array_values(array_filter($this->positions, fn (Position $p): bool => $p->group === $group));
    }
}
