<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

/** How a simulated pull is carried out. */
enum Manner: string
{
    case Good = 'good';
    case Short = 'short';
    case Over = 'over';
}
