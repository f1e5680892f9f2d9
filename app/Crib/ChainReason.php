<?php

declare(strict_types=1);

namespace App\Crib;

/** Why a tool is out of use. */
enum ChainReason: string
{
    case Dropped = 'dropped';
    case Overloaded = 'overloaded';
    case Suspected = 'suspected';
    case FailedCheck = 'failed_check';
    case FailedCalibration = 'failed_calibration';
    case WrongStandard = 'wrong_standard';

    /** What is said at a bench, or at the crib. */
    public const SAID = [self::Dropped, self::Overloaded, self::Suspected];

    public function words(): string
    {
        return match ($this) {
            self::Dropped => 'it was dropped',
            self::Overloaded => 'it was overloaded',
            self::Suspected => 'somebody doubts it',
            self::FailedCheck => 'it failed its check',
            self::FailedCalibration => 'it failed its calibration',
            self::WrongStandard => 'what it was calibrated against was found to be wrong',
        };
    }
}
