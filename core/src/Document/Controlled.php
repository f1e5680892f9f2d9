<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Kind;

/** What told the operator to stop, as the fault table sees it. */
enum Controlled: string
{
    case Torque = 'torque';
    case Angle = 'angle';
    case Stretch = 'stretch';
    /** Seated, loosened, attested by hand: nothing was measured. */
    case Hand = 'hand';

    public static function by(StageKind $kind): self
    {
        return match ($kind->controls()) {
            Kind::Torque => self::Torque,
            Kind::Angle => self::Angle,
            Kind::Length => self::Stretch,
            null => self::Hand,
        };
    }
}
