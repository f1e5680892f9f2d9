<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A reading that waited aside or in the tray was placed at a step. */
final readonly class ReadingPlaced extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $reading,
        public string $step,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('reading_placed', 1, 'placed at a step', [
            Field::wanted('reading', FieldKind::Id, 'the event that gave it'),
            Field::wanted('step', FieldKind::Step, ''),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('reading'), $body->key('step'));
    }
}
