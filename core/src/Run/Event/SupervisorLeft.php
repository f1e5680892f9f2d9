<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The supervisor left; nothing goes on before one is back. */
final readonly class SupervisorLeft extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('supervisor_left', 1, 'the supervisor left');
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
