<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Brick\Math\BigDecimal;
use Tekkal\Core\Bounds;
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

    /** Half the quantile of the normal distribution for 95 %, by which U at k = 2 is multiplied. */
    private const HALF_QUANTILE = '0.8224268134757361';

    /**
     * The guard band for an expanded uncertainty U at k = 2, in U's unit.
     *
     * @throws AcceptanceException unless U is finite and not below 0: limits are never widened
     */
    public function guard(float $expanded): float
    {
        (new Bounds(AcceptanceException::class))->from0('the expanded uncertainty', $expanded);

        return $this->guardExactly(BigDecimal::of((string) $expanded))->toFloat();
    }

    /**
     * The same in exact decimals.
     *
     * @throws AcceptanceException when U is below 0
     */
    public function guardExactly(BigDecimal $expanded): BigDecimal
    {
        (new Bounds(AcceptanceException::class))->from0('the expanded uncertainty', $expanded->toFloat());

        return match ($this) {
            self::Simple => BigDecimal::zero(),
            self::GuardedByU => $expanded,
            self::Conformity95 => $expanded->multipliedBy(self::HALF_QUANTILE),
        };
    }

    /**
     * The limits of acceptance; null when the guard bands leave nothing between them. All in one unit.
     *
     * @throws AcceptanceException when U is below 0
     */
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
