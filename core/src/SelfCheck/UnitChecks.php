<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\Joint\MeasuredChecks;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Length;
use Tekkal\Core\Unit\LengthUnit;
use Tekkal\Core\Unit\Stress;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** Units and clearances of the published check values. */
final class UnitChecks
{
    /** What each value is converted to, by its id. */
    private const TO = [
        'a.lbf_in' => 'N.m', 'a.kgf_m' => 'N.m', 'a.ozf_in' => 'N.m', 'a.sp811.ozf_in' => 'N.m', 'a.inch' => 'mm', 'a.thou_um' => 'um', 'a.turn' => 'deg', 'a.sp811.lbf_ft' => 'N.m', 'a.sp811.lbf_in' => 'N.m',
        'a.sp811.kgf_m' => 'N.m', 'a.65lbfft' => 'N.m', 'a.100Nm_lbfft' => 'lbf.ft', 'a.25lbfft_lbfin' => 'lbf.in', 'a.10kgfm' => 'N.m',
        'a.kgfm_lbfft' => 'lbf.ft', 'a.6thou_um' => 'um', 'a.0.15mm_thou' => 'thou', 'a.90deg_turn' => 'turn',
    ];

    public static function compute(string $id, ReferenceInputs $in): mixed
    {
        $to = self::TO[$id] ?? null;
        if ($to !== null) {
            $from = Written::fromCode(rtrim(rtrim(sprintf('%.6F', $in->float('value')), '0'), '.'), $in->text('from'));

            return $from->quantity()->inBase()->toFloat() / UnitNames::fromCode($to)->factor()->toFloat();
        }

        return match ($id) {
            'a.12000lbf_kN' => Force::poundsForce($in->float('value'))->kilonewtons(),
            'a.slip.factor' => TorqueUnit::PoundForceFoot->factor()->dividedBy(TorqueUnit::PoundForceInch->factor(), 0, RoundingMode::UNNECESSARY)->toInt(),
            'a.ksi_MPa' => Stress::ksi($in->float('value'))->megapascals,
            'a.window.65pm3' => self::limits('3 lbf·ft', Written::fromCode('65', 'lbf.ft')),
            'a.window.90pm4pct' => self::limits('4 %', Written::fromCode('90', 'N.m')),
            default => null,
        };
    }

    public static function clearance(string $id, ReferenceInputs $in): mixed
    {
        $unit = $id === 'i.clear.inch' ? LengthUnit::Inch : LengthUnit::Millimetre;
        $of = fn (string $name): Length => Length::of(sprintf('%.4F', $in->float($name)), $unit);

        return str_starts_with($id, 'i.clear')
            ? MeasuredChecks::oilClearance($of('housing_bore'), $of('shell'), $of('journal'))->inBase()->toFloat() / $unit->factor()->toFloat()
            : null;
    }

    /** @return array{float, float} in N·m */
    private static function limits(string $tolerance, Written $target): array
    {
        $window = Tolerance::printed($tolerance, Kind::Torque)->around($target);

        return [(float) $window->low?->quantity()->inBase()->toFloat(), (float) $window->high?->quantity()->inBase()->toFloat()];
    }
}
