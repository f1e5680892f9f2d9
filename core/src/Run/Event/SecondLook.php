<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\LookFinds;
use Tekkal\Core\Run\Stamp;

/** A second person looked, not knowing what the first had found. */
final readonly class SecondLook extends Event
{
    /** @param  list<string>  $steps */
    public function __construct(
        Stamp $stamp,
        public array $steps,
        public LookFinds $finds,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('second_look', 1, 'a second person looked', [
            Field::wanted('steps', FieldKind::Steps, 'the steps'),
            Field::word('finds', LookFinds::class, 'what was found'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('steps'), $body->word('finds', LookFinds::class));
    }
}
