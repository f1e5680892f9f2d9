<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use Tekkal\Core\Tool\ToolForm;

/** Whether a tool may be given into somebody's hands: the same rule for the keeper and for whoever helps himself. */
final class HandOut
{
    /** A sentence; null when it may. */
    public static function whyNot(ToolRow $tool): ?string
    {
        $out = ToolBook::whyOut($tool);
        if ($out !== null) {
            return "$tool->code is out of use: $out.";
        }

        return self::whyDue($tool);
    }

    /** Why it wants a calibration before it is used again; null when it does not. By the day or by its pulls, whichever comes first. */
    public static function whyDue(ToolRow $tool): ?string
    {
        if (! ToolForm::from($tool->form)->isCalibrated()) {
            return null;
        }
        $why = ToolBook::historyOf($tool->calibrations)->whyNotInForce(ToolBook::day(now()->toImmutable()));
        if ($why !== null) {
            return "$tool->code is out of calibration: $why.";
        }
        $pulls = Pulls::since($tool);

        return $tool->cycles !== null && $pulls >= $tool->cycles ? sprintf('%s has done %s of its %s pulls since it was calibrated.', $tool->code, number_format($pulls), number_format($tool->cycles)) : null;
    }
}
