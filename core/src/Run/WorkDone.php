<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What was done about a check that failed, before it is answered again. */
enum WorkDone: string
{
    case Adjusted = 'adjusted';
    case Cleaned = 'cleaned';
    case Refitted = 'refitted';
    case Exchanged = 'exchanged';
    /** The reading or the answer was wrong, not the metal. */
    case MeasuredAgain = 'measured_again';
}
