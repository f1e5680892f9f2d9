<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Somebody came to help, as a holding stage needs. */
final readonly class SecondPersonJoined extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $secondPerson,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('second_person_joined', 1, 'as a holding stage needs', [
            Field::wanted('second_person', FieldKind::Id, 'who'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('second_person'));
    }
}
