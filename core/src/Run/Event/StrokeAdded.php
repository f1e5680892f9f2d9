<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** One stroke of a ratcheted angle. Strokes are summed and judged when the sum reaches the window. */
final readonly class StrokeAdded extends ResultEvent
{
    public function __construct(
        Stamp $stamp,
        string $step,
        public Written $angle,
        public string $tool,
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('stroke_added', 1, 'one stroke of a ratcheted angle', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::wanted('angle', FieldKind::Quantity, 'of this stroke'),
            Field::wanted('tool', FieldKind::Id, 'the tool'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->quantity('angle'), $body->key('tool'));
    }
}
