<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A step without a measured quantity was done as said: seated, loosened, settled. */
final readonly class StepAttested extends ResultEvent
{
    public function __construct(
        Stamp $stamp,
        string $step,
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('step_attested', 1, 'seated, loosened, settled', [
            Field::wanted('step', FieldKind::Step, 'the step'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'));
    }
}
