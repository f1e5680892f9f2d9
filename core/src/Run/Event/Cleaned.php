<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Threads or faces were cleaned; what was on them is gone. */
final readonly class Cleaned extends Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        Stamp $stamp,
        public array $positions,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('cleaned', 1, 'cleaned; what was on it is gone', [
            Field::wanted('positions', FieldKind::Positions, 'the positions'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('positions'));
    }
}
