<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Somebody who may do it alone came to stand beside somebody who is learning it. */
final readonly class SupervisorJoined extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $supervisor,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('supervisor_joined', 1, 'stands beside somebody who is learning it', [
            Field::wanted('supervisor', FieldKind::Id, 'who'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('supervisor'));
    }
}
