<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What is loosened, the last first, where a check fails: so long until it holds, and one knows what was to blame. */
enum WayBack: string
{
    case LastPart = 'last_part';
    case LastGroup = 'last_group';
    case LastLeg = 'last_leg';

    public function words(): string
    {
        return match ($this) {
            self::LastPart => 'the part that was tightened last',
            self::LastGroup => 'the group that was tightened last',
            self::LastLeg => 'what was tightened last before the shaft was turned',
        };
    }
}
