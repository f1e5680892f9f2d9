<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Must a new fastener go in? */
enum Replace: string
{
    case No = 'no';
    /** Once the loading stage was begun on it: it has had its one tightening. */
    case IfLoaded = 'if_loaded';
    /** Only if the measured check that its policy names does not pass. */
    case IfCheckFails = 'if_check_fails';
    case Yes = 'yes';
}
