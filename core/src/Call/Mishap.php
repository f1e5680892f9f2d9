<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Fault;

/** What somebody at a bench may have to say went wrong, in their words, each always at the same place: the column, then the row. */
enum Mishap: string
{
    case GaveWay = '11';
    case Broke = '12';
    case WillNotStart = '13';
    case WrongBolt = '14';
    case ClickedWithoutMoving = '21';
    case DidAnother = '22';
    case DidTwo = '23';
    case NotSure = '24';
    case WrongSetting = '31';
    case DroppedWrench = '32';
    case Slipped = '33';
    case TypedWrongly = '34';
    case PartMoved = '41';
    case FellIn = '42';
    case WrongLubricant = '43';
    case PartnerLetGo = '44';
    case Touched = '51';
    case CameLoose = '52';
    case WrenchDied = '53';
    case WrongWayRound = '54';

    public function words(): string
    {
        return match ($this) {
            self::GaveWay => 'gave way',
            self::Broke => 'it broke',
            self::WillNotStart => 'will not start by hand',
            self::WrongBolt => 'not the right bolt',
            self::ClickedWithoutMoving => 'clicked without moving',
            self::DidAnother => 'I did another one',
            self::DidTwo => 'I did two',
            self::NotSure => 'I am not sure',
            self::WrongSetting => 'wrong setting',
            self::DroppedWrench => 'dropped the wrench',
            self::Slipped => 'socket or gauge slipped',
            self::TypedWrongly => 'I typed it wrongly',
            self::PartMoved => 'the part moved',
            self::FellIn => 'something fell in',
            self::WrongLubricant => 'wrong lubricant',
            self::PartnerLetGo => 'my partner let go',
            self::Touched => 'touched it again',
            self::CameLoose => 'it was loosened',
            self::WrenchDied => 'the wrench died',
            self::WrongWayRound => 'the wrong way round',
        };
    }

    /** The first digit; the order is that of the screen. */
    public static function column(string $digit): string
    {
        return match ($digit) {
            '1' => 'The bolt',
            '2' => 'The pull',
            '3' => 'The tool',
            '4' => 'What is round it',
            default => 'Afterwards',
        };
    }

    /** Null where it is no fault that is reported: what was typed is taken back. */
    public function fault(): ?Fault
    {
        return match ($this) {
            self::GaveWay => Fault::GaveWay,
            self::Broke => Fault::FastenerBroke,
            self::WillNotStart => Fault::WillNotStart,
            self::WrongBolt => Fault::WrongFastener,
            self::ClickedWithoutMoving => Fault::ClickedWithoutMoving,
            self::DidAnother => Fault::DidAnother,
            self::DidTwo => Fault::DidTwo,
            self::NotSure => Fault::UnsureCount,
            self::WrongSetting => Fault::WrongSetting,
            self::DroppedWrench => Fault::DroppedWrench,
            self::Slipped => Fault::ToolSlipped,
            self::TypedWrongly => null,
            self::PartMoved => Fault::PartMoved,
            self::FellIn => Fault::FellIn,
            self::WrongLubricant => Fault::WrongLubricant,
            self::PartnerLetGo => Fault::PartnerLetGo,
            self::Touched => Fault::Touched,
            self::CameLoose => Fault::Loosened,
            self::WrenchDied => Fault::WrenchDied,
            self::WrongWayRound => Fault::WrongWayRound,
        };
    }

    /** Is another bolt meant than the one that is called? Then it has to be named. */
    public function asksForBolt(): ?string
    {
        return match ($this) {
            self::DidAnother => 'Which one did you do instead?',
            self::DidTwo => 'Which one is one too many: the other bolt, or the same one twice?',
            self::Touched => 'Which one was touched?',
            self::CameLoose => 'Which one was loosened?',
            default => null,
        };
    }

    /** What must not happen now, said before anything is chosen. */
    public function caution(): string
    {
        return match ($this) {
            self::GaveWay => 'Stop. Not one degree more; leave the bar off.',
            self::Broke => 'Stop. Keep every piece, and look where the rest of it is.',
            self::WillNotStart => 'Never start it with a wrench.',
            self::FellIn => 'Turn nothing and cover nothing until it was found.',
            self::PartnerLetGo => 'Stop, both.',
            self::PartMoved, self::WrongWayRound => 'Leave it as it is until it was looked at.',
            self::DroppedWrench => 'Lay it aside: it is out of use until it was calibrated.',
            default => 'Nothing goes on until this is answered.',
        };
    }
}
