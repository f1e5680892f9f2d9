<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** The check that its reuse policy names was made on a fastener that was taken out. */
final readonly class FastenerChecked implements Event
{
    public function __construct(
        public string $position,
        public bool $passes,
        public Stamp $stamp,
    ) {
    }
}
