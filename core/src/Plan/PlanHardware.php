<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\Rigging;
use Tekkal\Core\Unit\Written;

/** What is tightened, as far as a run must know it. */
final readonly class PlanHardware
{
    /**
     * @param  array<string, FastenerType>  $fasteners  by key
     * @param  array<string, Place>  $positions  by key
     * @param  list<Agent>  $agents
     * @param  list<Consumable>  $consumables
     * @param  array<string, Written>  $yields  the torque at which the estimate puts the yield, by group
     * @param  array<string, string>  $names  of parts and legs, by key, where they have one of their own
     */
    public function __construct(
        public array $fasteners,
        public array $positions,
        public array $agents,
        public array $consumables,
        public array $yields = [],
        public array $names = [],
        public Rigging $rigging = new Rigging,
    ) {
    }
}
