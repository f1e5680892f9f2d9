<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Kind;

/** What a tool is, as far as a stage can ask for it. */
enum ToolKind: string
{
    case TorqueWrench = 'torque_wrench';
    case AngleGauge = 'angle_gauge';

    public function measures(): Kind
    {
        return match ($this) {
            self::TorqueWrench => Kind::Torque,
            self::AngleGauge => Kind::Angle,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::TorqueWrench => 'torque wrench',
            self::AngleGauge => 'angle gauge',
        };
    }

    public function withArticle(): string
    {
        return match ($this) {
            self::TorqueWrench => 'a torque wrench',
            self::AngleGauge => 'an angle gauge',
        };
    }

    public static function for(Kind $quantity): ?self
    {
        return match ($quantity) {
            Kind::Torque => self::TorqueWrench,
            Kind::Angle => self::AngleGauge,
            Kind::Length => null,
        };
    }
}
