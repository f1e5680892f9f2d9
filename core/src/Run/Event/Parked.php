<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The job was left for good for now, with a reason. */
final readonly class Parked extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $reason,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('parked', 1, 'the job was left for now', [
            Field::wanted('reason', FieldKind::Text, 'why'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->text('reason'));
    }
}
