<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use Tekkal\Core\Tool\CalibrationHistory;

/** What the crib knows of a tool that was used. */
final readonly class ToolEvidence
{
    /** @param  array<string, LookedBack>  $lookedBack  what a look-back came to on this build, by the calibration that opened it */
    public function __construct(
        public string $code,
        public CalibrationHistory $calibrations,
        public array $lookedBack = [],
    ) {
    }
}
