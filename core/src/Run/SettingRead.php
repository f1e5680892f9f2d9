<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** When a tool's setting was read: before its round, or after it. */
enum SettingRead: string
{
    case Before = 'before';
    case After = 'after';
}
