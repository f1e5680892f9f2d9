<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The run went on at another device, or in another person’s hands. */
final readonly class RunTakenOver extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('run_taken_over', 1, 'handed over, to a person or a device', isCommand: true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
