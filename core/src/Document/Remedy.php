<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What else a fault asks for, before the position is done again. */
enum Remedy: string
{
    /** Thread and hole are looked at, or what went wrong is looked into, and what was found is said. */
    case Inspect = 'inspect';
    /** The thread is repaired and the repair accepted. */
    case Repair = 'repair';
    /** What is on the threads comes off and goes on afresh. */
    case Clean = 'clean';
    /** What shares the part and was not loosened is measured again where it stands. */
    case MeasurePartner = 'measure_partner';
}
