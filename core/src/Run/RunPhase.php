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
    /** The joint was opened again: another run comes after it. */
    case Opened = 'opened';

    /** Does nothing more happen in it? */
    public function isClosed(): bool
    {
        return $this === self::Finished || $this === self::Opened;
    }
}
