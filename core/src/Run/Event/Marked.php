<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A mark was put on the metal. What is recorded and what is marked are two facts. */
final readonly class Marked extends Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        Stamp $stamp,
        public array $positions,
        public string $mark,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('marked', 1, 'paint or ink on the metal', [
            Field::wanted('positions', FieldKind::Positions, 'the positions'),
            Field::wanted('mark', FieldKind::Place, 'which one: the round it stands for'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('positions'), $body->key('mark'));
    }
}
