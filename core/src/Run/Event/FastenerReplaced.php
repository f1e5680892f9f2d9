<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A new fastener went in. */
final readonly class FastenerReplaced extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
        public ?string $lot = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('fastener_replaced', 1, 'a new one went in', [
            Field::wanted('position', FieldKind::Position, 'the position'),
            Field::maybe('lot', FieldKind::Number, 'it came from'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'), $body->optionalKey('lot'));
    }
}
