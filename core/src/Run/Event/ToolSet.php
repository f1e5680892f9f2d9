<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** A tool was set; $shows is what its scale says, read off by the person. */
final readonly class ToolSet implements Event
{
    public function __construct(
        public string $tool,
        public Written $shows,
        public Stamp $stamp,
    ) {
    }
}
