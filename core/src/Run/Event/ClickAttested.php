<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\Watched;

/** A setting tool clicked at a step and nothing was read: its setting is judged. */
final readonly class ClickAttested extends ResultEvent
{
    /** @param  list<Watched>  $watched */
    public function __construct(
        Stamp $stamp,
        string $step,
        public string $tool,
        public array $watched = [],
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('click_attested', 1, 'a setting tool clicked; its setting is judged', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::wanted('tool', FieldKind::Id, 'the tool'),
            Field::maybe('watched', FieldKind::Watched, 'what was watched beside it'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->key('tool'), array_map(Watched::fromBody(...), $body->objects('watched')));
    }
}
