<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A comparator was zeroed on the free fastener of a position. */
final readonly class Zeroed implements Event
{
    public function __construct(
        public string $position,
        public Stamp $stamp,
    ) {
    }
}
