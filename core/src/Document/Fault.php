<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What goes wrong at the bench. */
enum Fault: string
{
    /** Stopped below the window. */
    case Short = 'short';
    case Over = 'over';
    /** Stretched beyond what the fastener may ever be. */
    case OverStretched = 'over_stretched';
    /** Turned without resistance rising. */
    case GaveWay = 'gave_way';
    /** Nobody can prove that the position had its round. */
    case NotProved = 'not_proved';
    /** A wrench was put on it "just to show". */
    case Touched = 'touched';
    /** The tool's setting was wrong, for the whole round. */
    case WrongSetting = 'wrong_setting';
    /** A position had its round twice. */
    case DidTwo = 'did_two';
    /** Another position than the one asked for was tightened. */
    case DidAnother = 'did_another';
    /** The wrench clicked and the fastener had not moved. */
    case ClickedWithoutMoving = 'clicked_without_moving';
    case PartnerLetGo = 'partner_let_go';
    /** A clamped part or the shaft moved. */
    case PartMoved = 'part_moved';
    case DroppedWrench = 'dropped_wrench';
    /** Not the fastener that belongs there. */
    case WrongFastener = 'wrong_fastener';
    /** A working time, of a locker or of a round, had passed. */
    case TimePassed = 'time_passed';
    /** Loosened outside a loosening stage. */
    case Loosened = 'loosened';
    /** The wrong lubricant, or none where one is wanted: as a rule on a whole group. */
    case WrongLubricant = 'wrong_lubricant';
    case FastenerBroke = 'fastener_broke';
    /** Will not start by hand. */
    case WillNotStart = 'will_not_start';
    /** The socket or the angle gauge slipped. */
    case ToolSlipped = 'tool_slipped';
    /** The wrench died in mid-pull. */
    case WrenchDied = 'wrench_died';
    /** Something fell in. */
    case FellIn = 'fell_in';
    /** A part was fitted the wrong way round. */
    case WrongWayRound = 'wrong_way_round';
    /** Nobody is sure which of the round have had it. */
    case UnsureCount = 'unsure_count';
    /** A check did not come out as it must. Only ever seen by the core. */
    case CheckFailed = 'check_failed';
    /** So far over that "loosen and do it again" is no answer. Only ever seen by the core. */
    case FarOver = 'far_over';
    /** Pulled while it could not count. Only ever seen by the core. */
    case PulledAside = 'pulled_aside';
    /** What a check had looked at was opened again, and something stands that waited for it. Only ever seen by the core. */
    case CheckReopened = 'check_reopened';

    /** The reaction of a tool was taken through this fastener. */
    case TookReaction = 'took_reaction';
    /** The threaded part, or the insert, has had the tightenings it takes. Only ever seen by the core. */
    case ThreadUsedUp = 'thread_used_up';
    /** Between the limit of the shop and that of the maker. Only ever seen by the core. */
    case CheckBetween = 'check_between';

    /** May somebody report it? The others only follow from what was recorded. */
    public function isReported(): bool
    {
        return match ($this) {
            self::CheckFailed, self::FarOver, self::PulledAside, self::CheckReopened, self::ThreadUsedUp, self::CheckBetween => false,
            default => true,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Short => 'stopped short',
            self::Over => 'over',
            self::OverStretched => 'stretched beyond its limit',
            self::GaveWay => 'gave way',
            self::NotProved => 'not proved',
            self::Touched => 'touched after its round',
            self::WrongSetting => 'wrong setting for the whole round',
            self::DidTwo => 'tightened twice in one round',
            self::DidAnother => 'another one was tightened',
            self::ClickedWithoutMoving => 'clicked without moving',
            self::PartnerLetGo => 'the partner let go',
            self::PartMoved => 'the part moved',
            self::DroppedWrench => 'the wrench was dropped',
            self::WrongFastener => 'not the right fastener',
            self::TimePassed => 'the working time had passed',
            self::Loosened => 'loosened outside its round',
            self::WrongLubricant => 'wrong lubricant or none',
            self::FastenerBroke => 'the fastener broke',
            self::WillNotStart => 'will not start by hand',
            self::ToolSlipped => 'the socket or the angle gauge slipped',
            self::WrenchDied => 'the wrench died in mid-pull',
            self::FellIn => 'something fell in',
            self::WrongWayRound => 'a part was fitted the wrong way round',
            self::UnsureCount => 'nobody is sure which of the round have had it',
            self::CheckFailed => 'a check failed',
            self::FarOver => 'far over',
            self::PulledAside => 'pulled while it could not count',
            self::CheckReopened => 'what was checked was opened again',
            self::TookReaction => 'the reaction was taken through it',
            self::ThreadUsedUp => 'the thread has had its tightenings',
            self::CheckBetween => 'between the limit of the shop and that of the maker',
        };
    }
}
