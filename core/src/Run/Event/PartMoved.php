<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A clamped part, or the shaft in it, moved. */
final readonly class PartMoved extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $part,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('part_moved', 1, 'a clamped part, or the shaft in it', [
            Field::wanted('part', FieldKind::Place, 'the part'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('part'));
    }
}
