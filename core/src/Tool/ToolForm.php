<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Kind;

/** What hangs on the board: how a tool is made. A stage asks for what it measures (ToolKind), the crib keeps it by its form. */
enum ToolForm: string
{
    case ClickWrench = 'click_wrench';
    case DialWrench = 'dial_wrench';
    case BeamWrench = 'beam_wrench';
    case ElectronicWrench = 'electronic_wrench';
    /** One of which nobody has said how it tells its torque. */
    case Wrench = 'wrench';
    case Multiplier = 'multiplier';
    case AngleGauge = 'angle_gauge';
    case StretchGauge = 'stretch_gauge';
    case DialIndicator = 'dial_indicator';
    case Micrometer = 'micrometer';
    case FeelerGauge = 'feeler_gauge';
    case PlasticGauge = 'plastic_gauge';
    /** Crow-foot, offset head: it changes the lever. */
    case Adapter = 'adapter';
    /** Runs fasteners down to contact, and nothing more. */
    case PoweredDriver = 'powered_driver';

    /** What a stage can ask of it; null: no reading is ever taken with it. */
    public function serves(): ?ToolKind
    {
        return match ($this) {
            self::ClickWrench, self::DialWrench, self::BeamWrench, self::ElectronicWrench, self::Wrench => ToolKind::TorqueWrench,
            self::AngleGauge => ToolKind::AngleGauge,
            self::StretchGauge, self::DialIndicator => ToolKind::DialGauge,
            self::Micrometer => ToolKind::Micrometer,
            self::FeelerGauge => ToolKind::FeelerGauge,
            self::PlasticGauge => ToolKind::PlasticGauge,
            self::Multiplier, self::Adapter, self::PoweredDriver => null,
        };
    }

    /** The quantity of its range. */
    public function measures(): Kind
    {
        return match ($this) {
            self::Multiplier, self::PoweredDriver => Kind::Torque,
            self::Adapter => Kind::Length,
            default => $this->serves()?->measures() ?? Kind::Torque,
        };
    }

    /** Does its deviation count in % of the reading, as a torque tool's, or in its own unit? */
    public function deviatesByShare(): bool
    {
        return $this->measures() === Kind::Torque;
    }

    /** Is it calibrated at all? A crushed strip is not, nor is what only reaches further. */
    public function isCalibrated(): bool
    {
        return ! in_array($this, [self::PlasticGauge, self::Adapter, self::PoweredDriver], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::ClickWrench => 'click wrench',
            self::DialWrench => 'dial wrench',
            self::BeamWrench => 'beam wrench',
            self::ElectronicWrench => 'electronic wrench',
            self::Wrench => 'torque wrench',
            self::Multiplier => 'torque multiplier',
            self::AngleGauge => 'angle gauge',
            self::StretchGauge => 'stretch gauge',
            self::DialIndicator => 'dial indicator',
            self::Micrometer => 'micrometer',
            self::FeelerGauge => 'feeler gauge',
            self::PlasticGauge => 'plastic gauge',
            self::Adapter => 'adapter',
            self::PoweredDriver => 'powered driver',
        };
    }

    /** How a tool is made of which only kind and class are known. */
    public static function known(ToolKind $kind, ?WrenchClass $class): self
    {
        return match ($kind) {
            ToolKind::TorqueWrench => self::wrench($class),
            ToolKind::AngleGauge => self::AngleGauge,
            ToolKind::DialGauge => self::DialIndicator,
            ToolKind::Micrometer => self::Micrometer,
            ToolKind::FeelerGauge => self::FeelerGauge,
            ToolKind::PlasticGauge => self::PlasticGauge,
        };
    }

    private static function wrench(?WrenchClass $class): self
    {
        return match ($class) {
            null => self::Wrench,
            WrenchClass::IA, WrenchClass::IIG => self::BeamWrench,
            WrenchClass::IB, WrenchClass::ID => self::DialWrench,
            WrenchClass::IC, WrenchClass::IE => self::ElectronicWrench,
            default => self::ClickWrench,
        };
    }
}
