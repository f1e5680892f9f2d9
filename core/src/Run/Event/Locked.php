<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The bench locked itself, or was locked. */
final readonly class Locked extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('locked', 1, 'the bench locked');
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
