<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Steps were put off, with a reason. */
final readonly class Deferred extends Event
{
    /** @param  list<string>  $steps */
    public function __construct(
        Stamp $stamp,
        public array $steps,
        public string $reason,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('deferred', 1, 'put off; blocks finishing', [
            Field::wanted('steps', FieldKind::Steps, 'the steps'),
            Field::wanted('reason', FieldKind::Text, 'why'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->keys('steps'), $body->text('reason'));
    }
}
