<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\Unit\Written;

/** A typed reading that is out, and would be in had one of the usual slips been made. It is asked about, never changed. */
enum ReadingSlip: string
{
    case InchForFoot = 'inch_for_foot';
    case FootForInch = 'foot_for_inch';
    case DecimalLost = 'decimal_lost';
    case DecimalGained = 'decimal_gained';
    case PoundForNewton = 'pound_for_newton';
    case NewtonForPound = 'newton_for_pound';

    /** 1 lbf·ft in N·m, as far as a slip is told from a good reading. */
    private const POUND_FOOT = 1.3558179483314;

    /** What the reading has to be multiplied by if this slip was made. */
    public function factor(): float
    {
        return match ($this) {
            self::InchForFoot => 1 / 12,
            self::FootForInch => 12.0,
            self::DecimalLost => 0.1,
            self::DecimalGained => 10.0,
            self::PoundForNewton => self::POUND_FOOT,
            self::NewtonForPound => 1 / self::POUND_FOOT,
        };
    }

    public function question(Written $reading): string
    {
        return match ($this) {
            self::InchForFoot, self::FootForInch => sprintf('Is %s right, or is it out by 12, as inches for feet?', $reading->typeset()),
            self::DecimalLost, self::DecimalGained => sprintf('Is %s right, or is its decimal mark in the wrong place?', $reading->typeset()),
            self::PoundForNewton, self::NewtonForPound => sprintf('Is %s right, or was it read off the other scale, as lbf·ft for N·m?', $reading->typeset()),
        };
    }

    /** The slip that would explain the reading; null when it is in, or none would. */
    public static function suspected(Written $reading, Window $window): ?self
    {
        if ($window->judge($reading->quantity())->isGood()) {
            return null;
        }
        $value = $reading->quantity()->inBase()->toFloat();
        $low = $window->low?->quantity()->inBase()->toFloat() ?? 0.0;
        $high = $window->high?->quantity()->inBase()->toFloat() ?? INF;
        foreach (self::cases() as $slip) {
            $meant = $value * $slip->factor();
            if ($meant >= $low && $meant <= $high) {
                return $slip;
            }
        }

        return null;
    }
}
