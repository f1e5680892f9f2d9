<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Fasteners were loosened, outside a loosening stage. */
final readonly class Loosened extends Event
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
        return new Declaration('loosened', 1, 'loosened, whatever for', [
            Field::wanted('positions', FieldKind::Positions, 'in the order in which they were'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('positions'));
    }
}
