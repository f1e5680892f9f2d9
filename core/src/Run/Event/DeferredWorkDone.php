<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** What had been put off was taken up again; its steps are to be done now. */
final readonly class DeferredWorkDone extends Event
{
    /** @param  list<string>  $steps */
    public function __construct(
        Stamp $stamp,
        public array $steps,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('deferred_work_done', 1, 'taken up again: its steps are to be done now', [
            Field::wanted('steps', FieldKind::Steps, 'the steps'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('steps'));
    }
}
