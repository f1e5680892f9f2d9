<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A new gasket went in. */
final readonly class GasketReplaced extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $gasket,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('gasket_replaced', 1, 'a new one went in', [
            Field::wanted('gasket', FieldKind::Place, 'which'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('gasket'));
    }
}
