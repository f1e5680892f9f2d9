<?php

declare(strict_types=1);

namespace App\Record;

/** What the record notices about an observation that it stores all the same. */
enum FindingKind: string
{
    case ToolNotFit = 'tool_not_fit';
    case ToolNotTaken = 'tool_not_taken';
    case OutOfSequence = 'out_of_sequence';
    case VerdictDisagrees = 'verdict_disagrees';
    case AfterSitting = 'after_sitting';

    public function words(): string
    {
        return match ($this) {
            self::ToolNotFit => 'tool not fit',
            self::ToolNotTaken => 'other tool than the one taken',
            self::OutOfSequence => 'out of sequence',
            self::VerdictDisagrees => 'device and server disagree',
            self::AfterSitting => 'after the sitting was closed',
        };
    }
}
