<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The check that its reuse policy names was made on a fastener that was taken out. */
final readonly class FastenerChecked extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $position,
        public bool $passes,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('fastener_checked', 1, 'the check that its reuse policy names', [
            Field::wanted('position', FieldKind::Position, 'the position'),
            Field::wanted('passes', FieldKind::Flag, 'it passes'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('position'), $body->boolean('passes'));
    }
}
