<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\FastenerMap;

/** What is tightened: where the fasteners stand, what they are, and what goes on and between them. */
final readonly class Hardware
{
    /**
     * @param  array<string, Group>  $groups  by key
     * @param  array<string, FastenerType>  $fasteners  by key
     * @param  list<Agent>  $agents
     * @param  list<Consumable>  $consumables
     */
    public function __construct(
        public FastenerMap $map,
        public array $groups,
        public array $fasteners,
        public array $agents,
        public array $consumables,
    ) {
    }
}
