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
        };
    }
}
