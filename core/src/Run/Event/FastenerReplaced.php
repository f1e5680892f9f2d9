<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A new fastener went in. */
final readonly class FastenerReplaced implements Event
{
    public function __construct(
        public string $position,
        public string $lot,
        public Stamp $stamp,
    ) {
    }
}
