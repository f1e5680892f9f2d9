<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** How a thing is. */
enum ThingState: string
{
    case Out = 'out';
    case Loose = 'loose';
    case Turned = 'turned';
    case Loaded = 'loaded';
    case In = 'in';
    case Wet = 'wet';
    case Expired = 'expired';
}
