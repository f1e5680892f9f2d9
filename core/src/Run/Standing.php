<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What became of an observation. It is stored with it and never changes. */
enum Standing: string
{
    case Applied = 'applied';
    case SetAside = 'set_aside';
    case Tray = 'tray';
}
