<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Thing;

/** What is at a place, and how it is. */
final readonly class ThingIs implements Effect
{
    public function __construct(public Thing $thing)
    {
    }

    public function toBody(): array
    {
        return $this->thing->toBody();
    }

    public static function fromBody(Body $body): self
    {
        return new self(Thing::fromBody($body));
    }
}
