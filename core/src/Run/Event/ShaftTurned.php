<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The shaft was turned. */
final readonly class ShaftTurned extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('shaft_turned', 1, 'the shaft was turned');
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
