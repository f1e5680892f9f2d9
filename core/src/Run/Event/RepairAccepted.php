<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The lead accepted this kind of repair at this position. */
final readonly class RepairAccepted implements Event
{
    public function __construct(
        public string $position,
        public Stamp $stamp,
    ) {
    }
}
