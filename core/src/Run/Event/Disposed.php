<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Disposition;
use Tekkal\Core\Run\Stamp;

/** A second person decided what becomes of a step that went wrong. */
final readonly class Disposed implements Event
{
    public function __construct(
        public string $step,
        public Disposition $disposition,
        public Stamp $stamp,
    ) {
    }
}
