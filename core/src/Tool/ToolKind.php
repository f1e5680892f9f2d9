<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Kind;

/** What a tool is, as far as a stage can ask for it. */
enum ToolKind: string
{
    case TorqueWrench = 'torque_wrench';
    case AngleGauge = 'angle_gauge';
    case Micrometer = 'micrometer';
    case DialGauge = 'dial_gauge';
    case FeelerGauge = 'feeler_gauge';
    /** A strip that is crushed between two parts and read by its width. */
    case PlasticGauge = 'plastic_gauge';

    public function measures(): Kind
    {
        return match ($this) {
            self::TorqueWrench => Kind::Torque,
            self::AngleGauge => Kind::Angle,
            self::Micrometer, self::DialGauge, self::FeelerGauge, self::PlasticGauge => Kind::Length,
        };
    }

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    public function withArticle(): string
    {
        return ($this === self::AngleGauge ? 'an ' : 'a ').$this->words();
    }

    /** @return non-empty-list<self> that measure a quantity, the usual one first */
    public static function measuring(Kind $quantity): array
    {
        return match ($quantity) {
            Kind::Torque => [self::TorqueWrench],
            Kind::Angle => [self::AngleGauge],
            Kind::Length => [self::DialGauge, self::Micrometer, self::FeelerGauge, self::PlasticGauge],
        };
    }
}
