<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A typed value was withdrawn as a typing error; an out-of-window one only before a second person. */
final readonly class ReadingWithdrawn extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $reading,
        public string $step,
        public ?string $reason = null,
        public ?string $secondPerson = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('reading_withdrawn', 1, 'a typing error', [
            Field::wanted('reading', FieldKind::Id, 'the event that gave it'),
            Field::wanted('step', FieldKind::Step, 'where it stands'),
            Field::maybe('reason', FieldKind::Text, 'why'),
            Field::maybe('second_person', FieldKind::Id, 'who'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('reading'), $body->key('step'), $body->optionalText('reason'), $body->optionalKey('second_person'));
    }
}
