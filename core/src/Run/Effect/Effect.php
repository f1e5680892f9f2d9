<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Effect;

use Tekkal\Core\Run\Body;

/** One thing that an event did to its run, as it was decided then. A closed list: EffectCodec knows them all, and State assigns each. */
interface Effect
{
    /** @return array<string, mixed> without its name */
    public function toBody(): array;

    public static function fromBody(Body $body): self;
}
