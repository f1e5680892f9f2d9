<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** Lubricant, locker or sealant went on, from a lot. */
final readonly class AgentApplied implements Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        public string $agent,
        public array $positions,
        public string $lot,
        public Stamp $stamp,
    ) {
    }
}
