<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The fastener turned without resistance rising. */
final readonly class GaveWay extends ResultEvent
{
    public function __construct(
        Stamp $stamp,
        string $step,
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('gave_way', 1, 'turned without resistance rising', [
            Field::wanted('step', FieldKind::Step, 'the step'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'));
    }
}
