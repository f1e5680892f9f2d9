<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/**
 * Units of moment of force. Factors to N·m follow exactly from 1 lb = 16 oz = 0.45359237 kg, 1 in = 25.4 mm and
 * g_n = 9.80665 m/s² (NIST SP 811, 2008 edition, appendix B).
 */
enum TorqueUnit: string implements Unit
{
    case NewtonMetre = 'N.m';
    case PoundForceFoot = 'lbf.ft';
    case PoundForceInch = 'lbf.in';
    case KilogramForceMetre = 'kgf.m';
    case KilogramForceCentimetre = 'kgf.cm';
    case CentinewtonMetre = 'cN.m';
    case OunceForceInch = 'ozf.in';

    public function kind(): Kind
    {
        return Kind::Torque;
    }

    public function code(): string
    {
        return $this->value;
    }

    public function symbol(): string
    {
        return str_replace('.', '·', $this->value);
    }

    public function factor(): BigDecimal
    {
        return BigDecimal::of(match ($this) {
            self::NewtonMetre => '1',
            self::PoundForceFoot => '1.3558179483314004',
            self::PoundForceInch => '0.1129848290276167',
            self::KilogramForceMetre => '9.80665',
            self::KilogramForceCentimetre => '0.0980665',
            self::CentinewtonMetre => '0.01',
            self::OunceForceInch => '0.00706155181422604375',
        });
    }

    public function spellings(): array
    {
        return match ($this) {
            self::NewtonMetre => ['nm', 'newtonmetre', 'newtonmetres', 'newtonmeter', 'newtonmeters'],
            self::PoundForceFoot => ['lbfft', 'ftlbf', 'lbft', 'ftlb', 'lbsft', 'ftlbs', 'footpound', 'footpounds', 'poundfoot', 'poundfeet'],
            self::PoundForceInch => ['lbfin', 'inlbf', 'lbin', 'inlb', 'lbsin', 'inlbs', 'inchpound', 'inchpounds', 'poundinch', 'poundinches'],
            self::KilogramForceMetre => ['kgfm', 'mkgf', 'kgm', 'mkg', 'kpm', 'mkp'],
            self::KilogramForceCentimetre => ['kgfcm', 'cmkgf', 'kgcm', 'cmkg', 'kpcm', 'cmkp'],
            self::CentinewtonMetre => ['cnm', 'ncm', 'centinewtonmetre', 'centinewtonmetres', 'centinewtonmeter', 'centinewtonmeters', 'newtoncentimetre', 'newtoncentimetres'],
            self::OunceForceInch => ['ozfin', 'inozf', 'ozin', 'inoz', 'ounceinch', 'ounceinches', 'inchounce', 'inchounces'],
        };
    }

    public function quantity(BigDecimal $amount): Torque
    {
        return Torque::of($amount, $this);
    }
}
