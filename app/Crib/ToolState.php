<?php

declare(strict_types=1);

namespace App\Crib;

/** Where a tool is. Whether its calibration is due does not depend on that. */
enum ToolState: string
{
    case Here = 'here';
    /** With somebody. */
    case Out = 'out';
    /** At a laboratory, or being mended. */
    case Away = 'away';
    /** Out of use until a calibration says otherwise. */
    case Chained = 'chained';
    /** It will not come back into use. */
    case Retired = 'retired';
}
