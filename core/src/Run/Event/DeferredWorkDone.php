<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** What had been put off was taken up again; its steps are to be done now. */
final readonly class DeferredWorkDone implements Event
{
    /** @param  list<string>  $steps */
    public function __construct(
        public array $steps,
        public Stamp $stamp,
    ) {
    }
}
