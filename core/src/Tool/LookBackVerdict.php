<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

enum LookBackVerdict: string
{
    case In = 'in';
    /** Nearer to a limit than the calibration can tell. */
    case InDoubt = 'in_doubt';
    case Out = 'out';

    /**
     * @param  float  $doubt  to either side, at least 0
     * @param  float|null  $low  null: there is none on that side
     */
    public static function of(float $value, float $doubt, ?float $low, ?float $high): self
    {
        [$low, $high] = [$low ?? -INF, $high ?? INF];

        return match (true) {
            $value < $low - $doubt, $value > $high + $doubt => self::Out,
            $value < $low + $doubt, $value > $high - $doubt => self::InDoubt,
            default => self::In,
        };
    }
}
