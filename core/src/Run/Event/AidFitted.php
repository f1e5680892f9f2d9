<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A locating or measuring aid went in: a strip, a locking pin, a stand. */
final readonly class AidFitted extends Event
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
        return new Declaration('aid_fitted', 1, 'an aid went in', [
            Field::wanted('aid', FieldKind::Place, 'its name'),
            Field::wanted('at', FieldKind::Place, 'where'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('aid'), $body->key('at'));
    }
}
