<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The thread at a position was repaired; $kind says how, such as an insert. */
final readonly class ThreadRepaired extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
        public string $kind,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('thread_repaired', 1, 'holds every later stage there', [
            Field::wanted('position', FieldKind::Position, 'the position'),
            Field::wanted('kind', FieldKind::Text, 'such as an insert'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'), $body->text('kind'));
    }
}
