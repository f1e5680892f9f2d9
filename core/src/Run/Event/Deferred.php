<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** Steps were put off, with a reason. */
final readonly class Deferred implements Event
{
    /** @param  list<string>  $steps */
    public function __construct(
        public array $steps,
        public string $reason,
        public Stamp $stamp,
    ) {
    }
}
