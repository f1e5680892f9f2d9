<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The thread at a position was repaired; $kind says how, such as an insert. */
final readonly class ThreadRepaired implements Event
{
    public function __construct(
        public string $position,
        public string $kind,
        public Stamp $stamp,
    ) {
    }
}
