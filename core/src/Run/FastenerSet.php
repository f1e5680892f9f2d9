<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Which fasteners went in. */
enum FastenerSet: string
{
    case Real = 'real';
    case Trial = 'trial';
}
