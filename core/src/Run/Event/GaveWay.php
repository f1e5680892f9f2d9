<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The fastener turned without resistance rising. */
final readonly class GaveWay implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public Stamp $stamp,
    ) {
    }
}
