<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A step without a measured quantity was done as said: seated, loosened, settled. */
final readonly class StepAttested implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public Stamp $stamp,
    ) {
    }
}
