<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** In which order stages and places take their turns. */
enum Traversal: string
{
    case StageByStage = 'stage_by_stage';
    case PartByPart = 'part_by_part';
    /** All stages of one pair before the next; within a stage the two take turns. */
    case Pairs = 'pairs';
    /** What can be reached, until the shaft is turned. */
    case SubGroups = 'sub_groups';
}
