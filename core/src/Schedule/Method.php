<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/** What a person has to have learnt for a joint, apart from the engine: each is another way to go wrong. */
enum Method: string
{
    case Torque = 'torque';
    case Angle = 'angle';
    case Stretch = 'stretch';
    case Held = 'held';
    case Locker = 'locker';

    /** As a screen says it. */
    public function words(): string
    {
        return match ($this) {
            self::Torque => 'torque',
            self::Angle => 'angle',
            self::Stretch => 'stretch',
            self::Held => 'held while tightened',
            self::Locker => 'with locker',
        };
    }
}
