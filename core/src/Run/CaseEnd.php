<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** How a fault came to its end. */
enum CaseEnd: string
{
    case Done = 'done';
    case Settled = 'settled';
    case Withdrawn = 'withdrawn';
    case Accepted = 'accepted';
}
