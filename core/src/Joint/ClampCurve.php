<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;

/** The clamp over a torque and the angle after it, for a plot: as the estimate has it, point by point. */
final class ClampCurve
{
    private const POINTS = 20;

    /**
     * @param  float  $torque  N·m, reached first
     * @param  float|null  $degrees  turned after it
     * @return list<array{phase: 'torque'|'angle', at: float, low: float|null, nominal: float|null, high: float|null}> at in N·m or degrees, clamp in kN
     *
     * @throws JointException unless the torque is above 0 and the angle at least that
     */
    public static function of(JointData $joint, float $torque, ?float $degrees): array
    {
        (new Bounds(JointException::class))->above0('the torque in N·m', $torque);
        (new Bounds(JointException::class))->from0('the angle in degrees', $degrees);
        $points = [];
        for ($i = 1; $i <= self::POINTS; $i++) {
            $points[] = self::point('torque', $torque * $i / self::POINTS, new Estimate($joint, $torque * $i / self::POINTS));
        }
        for ($i = 1; $degrees !== null && $i <= self::POINTS; $i++) {
            $points[] = self::point('angle', $degrees * $i / self::POINTS, new Estimate($joint, $torque, $degrees * $i / self::POINTS));
        }

        return $points;
    }

    /**
     * @param  'torque'|'angle'  $phase
     * @return array{phase: 'torque'|'angle', at: float, low: float|null, nominal: float|null, high: float|null}
     */
    private static function point(string $phase, float $at, Estimate $estimate): array
    {
        return ['phase' => $phase, 'at' => $at, 'low' => $estimate->low?->kilonewtons(), 'nominal' => $estimate->nominal?->kilonewtons(), 'high' => $estimate->high?->kilonewtons()];
    }
}
