<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** What follows is typed in from a job card that was worked on paper. */
final readonly class PaperBegun extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $card,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('paper_begun', 1, 'what follows is typed in from a job card', [
            Field::wanted('card', FieldKind::Number, 'the number of the card'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('card'));
    }
}
