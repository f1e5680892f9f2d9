<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;

/** How much the clamp differs from bolt to bolt by the way of tightening: αA = Fmax/Fmin (VDI 2230-1 Table A8, from memory). */
enum Scatter: string
{
    case Yield = 'yield';
    case Angle = 'torque_and_angle';
    case TorqueMeasured = 'torque_friction_measured';
    case Torque = 'torque';
    case Impact = 'impact';

    /** @return array{float, float} αA from…to */
    public function factor(): array
    {
        return match ($this) {
            self::Yield, self::Angle => [1.2, 1.4],
            self::TorqueMeasured => [1.4, 1.6],
            self::Torque => [1.6, 2.5],
            self::Impact => [2.5, 4.0],
        };
    }

    /**
     * To either side of the middle, as a share of one: (αA − 1)/(αA + 1).
     *
     * @throws JointException unless the factor is at least 1: the largest clamp is no smaller than the least
     */
    public static function halfSpan(float $factor): float
    {
        (new Bounds(JointException::class))->between('the scatter', $factor, 1.0, 100.0);

        return ($factor - 1) / ($factor + 1);
    }
}
