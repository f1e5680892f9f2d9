<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** By what holds an engine up: what stands still comes before what will. */
enum Urgency: string
{
    case StandsStill = 'stands_still';
    case InDoubt = 'in_doubt';
    case Next = 'next';
    case CanWait = 'can_wait';
}
