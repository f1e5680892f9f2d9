<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The work was left; $step says where. */
final readonly class Interrupted extends Event
{
    public function __construct(
        Stamp $stamp,
        public ?string $step = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('interrupted', 1, 'the work was left', [
            Field::maybe('step', FieldKind::Step, 'where; else the one whose turn it is'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->optionalKey('step'));
    }
}
