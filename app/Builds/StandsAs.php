<?php

declare(strict_types=1);

namespace App\Builds;

/** How an engine stands in the shop, what needs a hand first. */
enum StandsAs: string
{
    case NeedsAHand = 'needs_a_hand';
    case AtABench = 'at_a_bench';
    case OnAHook = 'on_a_hook';
    case FreeToGive = 'free_to_give';
    case Waiting = 'waiting';
    case Done = 'done';
    case ComeIn = 'come_in';
    /** Of a subassembly: it is in an engine. */
    case Fitted = 'fitted';
    case Shipped = 'shipped';
}
