<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** The free length of the fastener of a position, before it is tightened. */
final readonly class FreeLengthMeasured extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
        public Written $length,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('free_length_measured', 1, 'before it is tightened', [
            Field::wanted('position', FieldKind::Position, 'the position'),
            Field::wanted('length', FieldKind::Quantity, 'as measured'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'), $body->quantity('length'));
    }
}
