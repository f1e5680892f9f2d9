<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The partner let go while the position was being tightened. */
final readonly class PartnerLetGo extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $step,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('partner_let_go', 1, 'the partner let go', [
            Field::wanted('step', FieldKind::Step, 'the step'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'));
    }
}
