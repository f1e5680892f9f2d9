<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a stage has one step for. In a block, what is per joint is done once per leg. */
enum Per: string
{
    case Joint = 'joint';
    case Part = 'part';
    case Position = 'position';
}
