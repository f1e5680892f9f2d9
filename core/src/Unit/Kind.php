<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** What a quantity measures. Two values can be compared only within one kind. */
enum Kind: string
{
    case Torque = 'torque';
    case Angle = 'angle';
    case Length = 'length';

    /** The unit in which values of this kind are computed and compared. */
    public function baseUnit(): Unit
    {
        return match ($this) {
            self::Torque => TorqueUnit::NewtonMetre,
            self::Angle => AngleUnit::Degree,
            self::Length => LengthUnit::Millimetre,
        };
    }

    /** @return non-empty-list<Unit> */
    public function units(): array
    {
        return match ($this) {
            self::Torque => TorqueUnit::cases(),
            self::Angle => AngleUnit::cases(),
            self::Length => LengthUnit::cases(),
        };
    }
}
