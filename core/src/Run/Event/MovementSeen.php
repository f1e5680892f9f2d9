<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** At a verification pass the fastener moved, or did not move, before the torque was reached. */
final readonly class MovementSeen implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public bool $moved,
        public Stamp $stamp,
    ) {
    }
}
