<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

/** How what was given at a step of a kind is judged. */
enum JudgedBy: string
{
    /** The controlled value against its window, with what was watched beside it. */
    case Value = 'value';
    /** The elongation from the fastener's own free length, or from its zero. */
    case Stretch = 'stretch';
    /** Somebody says that it was done. */
    case Word = 'word';
    /** The time since the last thing that happened. */
    case Time = 'time';
    /** By what its check asks for. */
    case Check = 'check';
    /** It moved, or it did not. */
    case Movement = 'movement';
}
