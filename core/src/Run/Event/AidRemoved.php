<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** An aid came out again. */
final readonly class AidRemoved extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $aid,
        public string $at,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('aid_removed', 1, 'an aid came out again', [
            Field::wanted('aid', FieldKind::Place, 'its name'),
            Field::wanted('at', FieldKind::Place, 'where'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('aid'), $body->key('at'));
    }
}
