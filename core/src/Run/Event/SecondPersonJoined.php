<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** Somebody came to help, as a holding stage needs. */
final readonly class SecondPersonJoined implements Event
{
    public function __construct(
        public string $person,
        public Stamp $stamp,
    ) {
    }
}
