<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\Watched;

/** At a verification pass the fastener moved, or did not move, before the torque was reached. */
final readonly class MovementSeen extends ResultEvent
{
    /** @param  list<Watched>  $watched */
    public function __construct(
        Stamp $stamp,
        string $step,
        public bool $moved,
        public ?string $tool = null,
        public array $watched = [],
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('movement_seen', 1, 'verification pass: it moved, or did not', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::wanted('moved', FieldKind::Flag, 'it moved'),
            Field::maybe('tool', FieldKind::Id, 'the tool'),
            Field::maybe('watched', FieldKind::Watched, 'what was watched beside it'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->boolean('moved'), $body->optionalKey('tool'), array_map(Watched::fromBody(...), $body->objects('watched')));
    }
}
