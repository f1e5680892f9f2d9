<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The partner let go while the position was being tightened. */
final readonly class PartnerLetGo implements Event
{
    public function __construct(
        public string $step,
        public Stamp $stamp,
    ) {
    }
}
