<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A setting tool clicked at a step and nothing was read: its setting is judged. */
final readonly class ClickAttested implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public string $tool,
        public Stamp $stamp,
    ) {
    }
}
