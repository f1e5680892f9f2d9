<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** A clamped part, or the shaft in it, moved. */
final readonly class PartMoved implements Event
{
    public function __construct(
        public string $part,
        public Stamp $stamp,
    ) {
    }
}
