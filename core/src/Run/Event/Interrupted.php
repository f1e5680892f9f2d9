<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The work was left; $step says where. */
final readonly class Interrupted implements Event
{
    public function __construct(
        public ?string $step,
        public Stamp $stamp,
    ) {
    }
}
