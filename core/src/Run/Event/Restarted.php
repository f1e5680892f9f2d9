<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Document\Scope;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A position, part, group or the joint was opened and is done again from its beginning. $key names the one. */
final readonly class Restarted extends Event
{
    public function __construct(
        Stamp $stamp,
        public Scope $scope,
        public string $key,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('restarted', 1, 'done again from its beginning', [
            Field::word('scope', Scope::class, 'how far'),
            Field::wanted('key', FieldKind::Place, 'names the one'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->word('scope', Scope::class), $body->key('key'));
    }
}
