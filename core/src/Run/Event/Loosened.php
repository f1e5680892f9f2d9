<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** Fasteners were loosened, outside a loosening stage. */
final readonly class Loosened implements Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        public array $positions,
        public Stamp $stamp,
    ) {
    }
}
