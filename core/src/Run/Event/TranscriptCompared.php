<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Values copied from a job card were compared with it by a second person. */
final readonly class TranscriptCompared extends Event
{
    /** @param  list<string>  $readings */
    public function __construct(
        Stamp $stamp,
        public array $readings,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('transcript_compared', 1, 'compared with the job card', [
            Field::wanted('readings', FieldKind::Ids, 'the events that gave them'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('readings'));
    }
}
