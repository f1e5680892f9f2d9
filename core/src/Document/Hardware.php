<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Unit\Written;

/** What is tightened: where the fasteners stand, what they are, and what goes on and between them. */
final readonly class Hardware
{
    /**
     * @param  array<string, Group>  $groups  by key
     * @param  array<string, FastenerType>  $fasteners  by key
     * @param  list<Agent>  $agents
     * @param  list<Consumable>  $consumables
     * @param  array<string, Written>  $yields  the torque at which the estimate puts the yield, by group
     */
    public function __construct(
        public FastenerMap $map,
        public array $groups,
        public array $fasteners,
        public array $agents,
        public array $consumables,
        public array $yields = [],
        public Rigging $rigging = new Rigging,
    ) {
    }
}
