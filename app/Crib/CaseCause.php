<?php

declare(strict_types=1);

namespace App\Crib;

/** Why one looks back at what a tool did. */
enum CaseCause: string
{
    case FailedCalibration = 'failed_calibration';
    case FailedCheck = 'failed_check';
    /** It cannot be read as it was found: it broke, or was repaired first. */
    case Unread = 'unread';
    case Lost = 'lost';
    /** What it was calibrated against was wrong. */
    case WrongStandard = 'wrong_standard';

    public function words(): string
    {
        return match ($this) {
            self::FailedCalibration => 'failed its calibration as found',
            self::FailedCheck => 'failed its check',
            self::Unread => 'could not be read as it was found',
            self::Lost => 'broke or was lost before anybody could read it',
            self::WrongStandard => 'was calibrated against a standard that was wrong',
        };
    }
}
