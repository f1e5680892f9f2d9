<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** A value was read at a step: by a person from a scale, or by a tool itself. */
final readonly class ReadingTaken implements Event
{
    /** @param  list<Written>  $monitored  what was watched beside it: final torque, held torque, stretch */
    public function __construct(
        public string $id,
        public string $step,
        public Written $value,
        public ReadingSource $source,
        public string $tool,
        public Stamp $stamp,
        public array $monitored = [],
    ) {
    }
}
