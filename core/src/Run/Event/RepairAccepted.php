<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The lead accepted this kind of repair at this position. */
final readonly class RepairAccepted extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('repair_accepted', 1, 'by the lead', [
            Field::wanted('position', FieldKind::Position, 'the position'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'));
    }
}
