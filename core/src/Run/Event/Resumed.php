<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The work was taken up again. */
final readonly class Resumed extends Event
{
    public function __construct(
        Stamp $stamp,
        public bool $afterIdle,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('resumed', 1, 'the work was taken up again', [
            Field::wanted('after_idle', FieldKind::Flag, 'nobody’s PIN could be checked'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->boolean('after_idle'));
    }
}
