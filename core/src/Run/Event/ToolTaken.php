<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Unit\Kind;

/** A tool was taken for every step that controls this quantity. */
final readonly class ToolTaken implements Event
{
    public function __construct(
        public Kind $quantity,
        public string $tool,
    ) {
    }
}
