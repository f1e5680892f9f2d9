<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Whoever stood beside it signed for what was done; $meaning is what the signature says. */
final readonly class SupervisorSigned extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $supervisor,
        public string $meaning,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('supervisor_signed', 1, 'signed for what was done under their eyes', [
            Field::wanted('supervisor', FieldKind::Id, 'who'),
            Field::wanted('meaning', FieldKind::Text, 'what the signature says'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('supervisor'), $body->text('meaning'));
    }
}
