<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The joint comes apart again, finished or not: what was done stays on record and holds nothing any more. */
final readonly class JointOpened extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $reason,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('joint_opened', 1, 'the joint is opened again', [
            Field::wanted('reason', FieldKind::Text, 'why'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->text('reason'));
    }
}
