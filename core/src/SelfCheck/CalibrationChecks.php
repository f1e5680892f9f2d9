<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\CalibrationResult;
use Tekkal\Core\Tool\UncertaintyBudget;

/** Calibrations and their uncertainty among the published check values. */
final class CalibrationChecks
{
    public static function compute(string $id, ReferenceInputs $in): mixed
    {
        return match (true) {
            str_starts_with($id, 'e.as.mean') => (new Summary($in->floats('a_s')))->mean,
            str_starts_with($id, 'e.as.readings') => self::deviations($in),
            str_starts_with($id, 'e.as.') && $in->has('Xr') => CalibrationPoint::deviation($in->float('Xa'), $in->float('Xr')),
            str_starts_with($id, 'e.sd') => (new Summary($in->floats('Xr')))->sd(),
            str_starts_with($id, 'e.budget') => self::lines(self::budget($in)),
            str_starts_with($id, 'e.Wprime') => self::interval($in),
            default => null,
        };
    }

    private static function budget(ReferenceInputs $in): UncertaintyBudget
    {
        return UncertaintyBudget::iso6789($in->floats('readings'), [
            'md' => $in->float('W_md_pct'), 'resolution' => $in->float('resolution'), 'rep' => $in->float('b_rep'), 'od' => $in->float('b_od'), 'int' => $in->float('b_int'), 'l' => $in->float('b_l'),
        ], $in->float('ref_low_mean'));
    }

    /** @return array<string, float> */
    private static function lines(UncertaintyBudget $budget): array
    {
        $lines = [];
        foreach ($budget->components as $c) {
            $lines[$c->name] = $c->standard();
        }

        return $lines + ['w' => $budget->combined(), 'W' => $budget->expanded()];
    }

    private static function interval(ReferenceInputs $in): ?float
    {
        $readings = $in->floats('readings');

        return $readings === [] ? null : CalibrationResult::uncertaintyInterval(new CalibrationPoint($in->float('Xa'), $readings), self::budget($in)->expanded(), $in->float('b_ep_pct'));
    }

    /** @return list<float>|null */
    private static function deviations(ReferenceInputs $in): ?array
    {
        $readings = $in->floats('Xr');

        return $readings === [] ? null : (new CalibrationPoint($in->float('Xa'), $readings))->deviations();
    }
}
