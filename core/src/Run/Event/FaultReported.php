<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Somebody says what went wrong, where no other event says it. */
final readonly class FaultReported extends Event
{
    public function __construct(
        Stamp $stamp,
        public Fault $fault,
        public string $at,
        public ?string $other = null,
        public ?string $tool = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('fault_reported', 1, 'somebody says what went wrong', [
            Field::word('fault', Fault::class, 'which'),
            Field::wanted('at', FieldKind::Place, 'where it was noticed'),
            Field::maybe('other', FieldKind::Position, 'the one that was done instead'),
            Field::maybe('tool', FieldKind::Id, 'the tool'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->word('fault', Fault::class), $body->key('at'), $body->optionalKey('other'), $body->optionalKey('tool'));
    }
}
