<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\FastenerSet;
use Tekkal\Core\Run\Stamp;

/** Fasteners went in: for a trial fit, or those of the engine. */
final readonly class FastenersFitted extends Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        Stamp $stamp,
        public array $positions,
        public FastenerSet $set,
        public ?string $lot = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('fasteners_fitted', 1, 'fasteners went in', [
            Field::wanted('positions', FieldKind::Positions, 'the positions'),
            Field::maybe('lot', FieldKind::Number, 'they came from'),
            Field::word('set', FastenerSet::class, 'trial set or the real ones'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('positions'), $body->word('set', FastenerSet::class), $body->optionalKey('lot'));
    }
}
