<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The second person left. */
final readonly class SecondPersonLeft extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('second_person_left', 1, 'the second person left');
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
