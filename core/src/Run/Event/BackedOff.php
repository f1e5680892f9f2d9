<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The fastener was backed off after a step that went wrong; its redo is a new attempt. */
final readonly class BackedOff extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $step,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('backed_off', 1, 'loosened after a step that went wrong', [
            Field::wanted('step', FieldKind::Step, 'the step'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'));
    }
}
