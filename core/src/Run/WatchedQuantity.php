<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Kind;

/** What can be watched beside a controlled quantity. */
enum WatchedQuantity: string
{
    /** The torque at which a partner holds the other end. */
    case HeldTorque = 'held_torque';
    case FinalTorque = 'final_torque';
    case Angle = 'angle';
    case Stretch = 'stretch';
    /** The other end of an interval, such as the second mark of a plastic gauge. */
    case OtherEnd = 'other_end';

    /** What is watched beside a controlled quantity, where nothing says otherwise. */
    public static function of(Kind $kind): self
    {
        return match ($kind) {
            Kind::Torque => self::FinalTorque,
            Kind::Angle => self::Angle,
            Kind::Length => self::Stretch,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::HeldTorque => 'torque that the partner held',
            self::FinalTorque => 'final torque',
            self::Angle => 'angle',
            self::Stretch => 'stretch',
            self::OtherEnd => 'other end',
        };
    }
}
