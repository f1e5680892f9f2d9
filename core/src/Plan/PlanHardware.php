<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\FastenerType;

/** What is tightened, as far as a run must know it. */
final readonly class PlanHardware
{
    /**
     * @param  array<string, FastenerType>  $fasteners  by key
     * @param  array<string, Place>  $positions  by key
     * @param  list<Agent>  $agents
     * @param  list<Consumable>  $consumables
     */
    public function __construct(
        public array $fasteners,
        public array $positions,
        public array $agents,
        public array $consumables,
    ) {
    }
}
