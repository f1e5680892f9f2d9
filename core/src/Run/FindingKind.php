<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What the record notices about an observation that it stores all the same. */
enum FindingKind: string
{
    case ToolNotFit = 'tool_not_fit';
    case ToolNotTaken = 'tool_not_taken';
    case OutOfSequence = 'out_of_sequence';
    case VerdictDisagrees = 'verdict_disagrees';
    case AfterSitting = 'after_sitting';
    case NotHolder = 'not_holder';
    case TimeDoubtful = 'time_doubtful';
    case ResumedAfterIdle = 'resumed_after_idle';
    case SourceDoubted = 'source_doubted';
    case LimitUnproved = 'limit_unproved';
    case LoosenedOutOfOrder = 'loosened_out_of_order';
    case PulledAside = 'pulled_aside';
    case TurnedWhileHeld = 'turned_while_held';
    case HeldOnceLoosened = 'held_once_loosened';
    case LongStroke = 'long_stroke';
    case AfterStop = 'after_stop';
    case StoppedLot = 'stopped_lot';
    case Unsupervised = 'unsupervised';

    /** Is it said so that the work stops? What was done with a tool that may not be used is kept; going on with it is not. */
    public function stops(): bool
    {
        return $this === self::ToolNotFit || $this === self::ToolNotTaken || $this === self::StoppedLot;
    }

    public function words(): string
    {
        return match ($this) {
            self::ToolNotFit => 'tool not fit',
            self::ToolNotTaken => 'other tool than the one taken',
            self::OutOfSequence => 'out of sequence',
            self::VerdictDisagrees => 'device and server disagree',
            self::AfterSitting => 'after the sitting was closed',
            self::NotHolder => 'not by who held the run',
            self::TimeDoubtful => 'time in doubt',
            self::ResumedAfterIdle => 'gone on without a PIN',
            self::SourceDoubted => 'not from where it was said to come',
            self::LoosenedOutOfOrder => 'loosened out of order',
            self::PulledAside => 'pulled after the end',
            self::TurnedWhileHeld => 'shaft turned while it must not be',
            self::HeldOnceLoosened => 'what was to blame for a check',
            self::LongStroke => 'more at a time than asked',
            self::AfterStop => 'after it was stopped',
            self::StoppedLot => 'of a lot that was stopped',
            self::Unsupervised => 'without the supervisor',
            self::LimitUnproved => 'a time limit cannot be proved',
        };
    }
}
