<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\Watched;

/** A whole round, of one leg where the stage belongs to a block, was attested at once with the count of marks on the metal. */
final readonly class RoundAttested extends Event
{
    /** @param  list<Watched>  $watched */
    public function __construct(
        Stamp $stamp,
        public string $stage,
        public int $marks,
        public ?string $leg = null,
        public ?string $tool = null,
        public array $watched = [],
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('round_attested', 1, 'a whole round, with the count of marks on the metal', [
            Field::wanted('stage', FieldKind::Place, 'the round'),
            Field::maybe('leg', FieldKind::Place, 'of a block, where it has legs'),
            Field::maybe('tool', FieldKind::Id, 'the tool'),
            Field::wanted('marks', FieldKind::Count, 'counted on the metal'),
            Field::maybe('watched', FieldKind::Watched, 'what was watched beside it'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('stage'), $body->count('marks', 0, 2000), $body->optionalKey('leg'), $body->optionalKey('tool'), array_map(Watched::fromBody(...), $body->objects('watched')));
    }
}
