<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** How far back a position goes, and so where it starts again. */
enum ReworkStart: string
{
    case Nothing = 'nothing';
    /** The round at which it went wrong. */
    case Stage = 'stage';
    /** Back to the torque from which the angle is counted. */
    case Reference = 'reference';
    /** Everything since it was last loosened by the procedure. */
    case Loosening = 'loosening';
    /** Everything. */
    case Beginning = 'beginning';
}
