<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;

/**
 * How a measured value is held against a limit. Production readings use simple acceptance; calibration and gauge
 * measurements may keep a guard band, which is a stored choice and shown.
 */
enum DecisionRule: string
{
    case Simple = 'simple';
    /** Limits drawn in by the expanded uncertainty U (ISO 14253-1 as of 2013, from memory). */
    case GuardedByU = 'guarded_by_u';
    /** Limits drawn in so that conformity has 95 % probability, g = 1.645 u (ISO 14253-1:2017, JCGM 106; from memory). */
    case Conformity95 = 'conformity_95';

    private const SHARE = 0.95;

    /** The guard band for an expanded uncertainty U at k = 2, in U's unit. */
    public function guard(float $expanded): float
    {
        return match ($this) {
            self::Simple => 0.0,
            self::GuardedByU => $expanded,
            self::Conformity95 => Distribution::normal()->quantile(self::SHARE) * $expanded / 2,
        };
    }

    /** The limits of acceptance; null when the guard bands leave nothing between them. All in one unit. */
    public function acceptance(Interval $limits, float $expanded): ?Interval
    {
        $guard = $this->guard($expanded);

        return $limits->width() < 2 * $guard ? null : new Interval($limits->low + $guard, $limits->high - $guard);
    }

    public function words(): string
    {
        return match ($this) {
            self::Simple => 'simple acceptance',
            self::GuardedByU => 'limits drawn in by the expanded uncertainty',
            self::Conformity95 => 'limits drawn in for 95 % probability of conformity',
        };
    }
}
