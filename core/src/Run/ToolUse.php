<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a tool was taken for. */
enum ToolUse: string
{
    case Torque = 'torque';
    case Angle = 'angle';
    case Length = 'length';
    case Held = 'held';
}
