<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** How thread and hole looked. */
enum InspectionFinds: string
{
    case Sound = 'sound';
    case Damaged = 'damaged';
}
