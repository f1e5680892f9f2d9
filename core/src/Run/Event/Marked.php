<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A mark was put on the metal. What is recorded and what is marked are two facts. */
final readonly class Marked implements Event
{
    public function __construct(
        public string $position,
        public Stamp $stamp,
    ) {
    }
}
