<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A reading that waited aside was dismissed. */
final readonly class ReadingDismissed extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $reading,
        public ?string $reason = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('reading_dismissed', 1, 'dismissed', [
            Field::wanted('reading', FieldKind::Id, 'the event that gave it'),
            Field::maybe('reason', FieldKind::Text, 'why'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('reading'), $body->optionalText('reason'));
    }
}
