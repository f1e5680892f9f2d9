<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The card was typed in as far as it goes; what follows is seen live again. */
final readonly class PaperEnded extends Event
{
    public static function declaration(): Declaration
    {
        return new Declaration('paper_ended', 1, 'the job card is typed in; what follows is seen live', [], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp);
    }
}
