<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Every head was compared with the picture; $differ names those that differ. */
final readonly class FinalLook extends Event
{
    /** @param  list<string>  $differ */
    public function __construct(
        Stamp $stamp,
        public array $differ = [],
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('final_look', 1, 'heads compared with the picture', [
            Field::maybe('differ', FieldKind::Positions, 'those that differ; none when all agree'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('differ'));
    }
}
