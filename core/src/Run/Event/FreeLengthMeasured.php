<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** The free length of the fastener of a position, before it is tightened. */
final readonly class FreeLengthMeasured implements Event
{
    public function __construct(
        public string $position,
        public Written $length,
        public Stamp $stamp,
    ) {
    }
}
