<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Stamp;

/** Somebody says what went wrong at a step, where no other event says it. */
final readonly class FaultReported implements Event
{
    public function __construct(
        public Fault $fault,
        public string $step,
        public Stamp $stamp,
    ) {
    }
}
