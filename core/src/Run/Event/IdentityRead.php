<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The marking on a part or fastener was read. */
final readonly class IdentityRead extends ResultEvent
{
    public function __construct(
        Stamp $stamp,
        string $step,
        public string $reads,
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('identity_read', 1, 'what is marked on the part was read', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::wanted('reads', FieldKind::Text, 'the marking, as read'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->text('reads'));
    }
}
