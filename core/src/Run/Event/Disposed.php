<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Disposition;
use Tekkal\Core\Run\Stamp;

/** A second person decided what becomes of a step that went wrong. */
final readonly class Disposed extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $step,
        public Disposition $disposition,
        public ?string $case = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('disposed', 1, 'a second person decided', [
            Field::wanted('step', FieldKind::Step, ''),
            Field::maybe('case', FieldKind::Id, 'one of those open there; else all'),
            Field::word('disposition', Disposition::class, 'what becomes of it'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->word('disposition', Disposition::class), $body->optionalKey('case'));
    }
}
