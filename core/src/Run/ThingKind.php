<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What can be at a place. */
enum ThingKind: string
{
    case Bolt = 'bolt';
    case Thread = 'thread';
    case Gasket = 'gasket';
    case Washer = 'washer';
    case Agent = 'agent';
    case Aid = 'aid';
}
