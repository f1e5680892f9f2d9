<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Document\Scope;
use Tekkal\Core\Run\Stamp;

/** A position, part, group or the joint was opened and is done again from its beginning. $key names the one. */
final readonly class Restarted implements Event
{
    public function __construct(
        public Scope $scope,
        public string $key,
        public Stamp $stamp,
    ) {
    }
}
