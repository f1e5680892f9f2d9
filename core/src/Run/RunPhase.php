<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Whether work on a run goes on. */
enum RunPhase: string
{
    case Open = 'open';
    case Interrupted = 'interrupted';
    case Locked = 'locked';
    case Parked = 'parked';
    case Finished = 'finished';
}
