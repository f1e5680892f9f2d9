<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Which positions a fault takes along. */
enum FaultExtent: string
{
    case Position = 'position';
    /** As far as the stage says that one redo reaches. */
    case Redo = 'redo';
    /** At least the part. */
    case Part = 'part';
    case Group = 'group';
    /** Everything done in this round so far. */
    case Round = 'round';
}
