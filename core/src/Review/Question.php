<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

/** What an audit asks of a build. */
enum Question: string
{
    case EveryStep = 'every_step';
    case InWindow = 'in_window';
    case InSequence = 'in_sequence';
    case ToolsGood = 'tools_good';

    public function words(): string
    {
        return match ($this) {
            self::EveryStep => 'Is every step of the approved plan there, at the revision in force?',
            self::InWindow => 'Is each result in its window?',
            self::InSequence => 'Were sequence and times kept?',
            self::ToolsGood => 'Was each tool in calibration that day, and good at its next one?',
        };
    }
}
