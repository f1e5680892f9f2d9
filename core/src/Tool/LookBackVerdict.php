<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

enum LookBackVerdict: string
{
    case In = 'in';
    /** Nearer to a limit than the calibration can tell. */
    case InDoubt = 'in_doubt';
    case Out = 'out';
}
