<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A comparator was zeroed on the free fastener of a position. */
final readonly class Zeroed extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('zeroed', 1, 'comparator zeroed on the free fastener', [
            Field::wanted('position', FieldKind::Position, 'the position'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'));
    }
}
