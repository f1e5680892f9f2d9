<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\InspectionFinds;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\UnreadableBody;
use Tekkal\Core\Run\WorkDone;

/** Somebody looked into what went wrong: at thread and hole of a position, or at what a check had found, and put it right. */
final readonly class Inspected extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $at,
        public ?InspectionFinds $finds = null,
        public ?WorkDone $work = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('inspected', 1, 'somebody looked into it, and says what was found or done', [
            Field::wanted('at', FieldKind::Place, 'where: a position, or the step of a check'),
            Field::word('finds', InspectionFinds::class, 'thread and hole', optional: true),
            Field::word('work', WorkDone::class, 'what was done before a check is answered again', optional: true),
        ]);
    }

    /** @throws UnreadableBody when it says neither what was found nor what was done */
    public static function fromBody(Stamp $stamp, Body $body): self
    {
        $inspected = new self($stamp, $body->key('at'), $body->optionalWord('finds', InspectionFinds::class), $body->optionalWord('work', WorkDone::class));

        return $inspected->finds === null && $inspected->work === null ? throw UnreadableBody::at('finds', null, 'what was found, or the work that was done') : $inspected;
    }
}
