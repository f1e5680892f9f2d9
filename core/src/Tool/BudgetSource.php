<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** Where a contribution to the uncertainty of a calibration comes from. */
enum BudgetSource: string
{
    /** The certificate of the reference standard. */
    case Standard = 'standard';
    /** The step of the tool's own scale, read to half of it: anything within is as likely. */
    case Resolution = 'resolution';
    /** The mean of the readings of a point. */
    case Repeatability = 'repeatability';
    /** A width that was found once for tools of this kind: anything within is as likely. */
    case Fixed = 'fixed';

    public function words(): string
    {
        return match ($this) {
            self::Standard => 'from its certificate, halved (k = 2)',
            self::Resolution => 'half a step of the scale, rectangular',
            self::Repeatability => 'from these readings',
            self::Fixed => 'from the template, rectangular',
        };
    }
}
