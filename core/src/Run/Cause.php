<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Fault;

/** What was wrong with a result whose controlled value was not: it is called by its name, and never "short". */
enum Cause
{
    case SetTooLow;
    case SetTooHigh;
    case HeldTooLittle;
    case HeldTooMuch;
    /** Low torque after a turn: the thread or the bolt gives way. */
    case WeakAtTheEnd;
    case StrongAtTheEnd;
    case AngleTooSmall;
    case AngleTooLarge;
    case StretchedTooLittle;
    case StretchedTooMuch;
    case StillMoves;
    /** The tool's setting was another one after the pull than before. */
    case SettingMoved;
    /** A second person saw something else than the record says. */
    case LookDiffers;
    /** At the end its mark was not as the picture had it. */
    case MarkDiffers;
    /** Good for the maker, not for the shop. */
    case BetweenLimits;

    public static function ofSetting(Verdict $verdict): ?self
    {
        return match ($verdict) {
            Verdict::Low => self::SetTooLow,
            Verdict::High => self::SetTooHigh,
            default => null,
        };
    }

    public static function ofWatched(WatchedQuantity $what, bool $low): self
    {
        return match ($what) {
            WatchedQuantity::HeldTorque => $low ? self::HeldTooLittle : self::HeldTooMuch,
            WatchedQuantity::FinalTorque => $low ? self::WeakAtTheEnd : self::StrongAtTheEnd,
            WatchedQuantity::Angle => $low ? self::AngleTooSmall : self::AngleTooLarge,
            WatchedQuantity::Stretch, WatchedQuantity::OtherEnd => $low ? self::StretchedTooLittle : self::StretchedTooMuch,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::SetTooLow => 'the tool was set too low',
            self::SetTooHigh => 'the tool was set too high',
            self::HeldTooLittle => 'the partner held too little',
            self::HeldTooMuch => 'the partner held too much',
            self::WeakAtTheEnd => 'too little torque at the end of the turn, a sign of giving way',
            self::StrongAtTheEnd => 'too much torque at the end',
            self::AngleTooSmall => 'the angle was too small on the way',
            self::AngleTooLarge => 'the angle was too large on the way',
            self::StretchedTooLittle => 'stretched too little',
            self::StretchedTooMuch => 'stretched too much',
            self::StillMoves => 'it still moves',
            self::SettingMoved => 'the setting of the tool was another one after it than before',
            self::LookDiffers => 'a second person saw something else than the record says',
            self::MarkDiffers => 'its mark is not as it must be',
            self::BetweenLimits => 'between the limit of the shop and that of the maker',
        };
    }

    /** The fault that it is; null where the verdict says it. */
    public function fault(): ?Fault
    {
        return match ($this) {
            self::HeldTooLittle, self::HeldTooMuch => Fault::PartnerLetGo,
            self::WeakAtTheEnd => Fault::GaveWay,
            self::BetweenLimits => Fault::CheckBetween,
            default => null,
        };
    }
}
