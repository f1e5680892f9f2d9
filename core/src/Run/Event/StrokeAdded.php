<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** One stroke of a ratcheted angle. Strokes are summed and judged when the sum reaches the window. */
final readonly class StrokeAdded implements Event
{
    public function __construct(
        public string $id,
        public string $step,
        public Written $angle,
        public string $tool,
        public Stamp $stamp,
    ) {
    }
}
