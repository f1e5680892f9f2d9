<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use Tekkal\Core\Tool\CalibrationHistory;

/** What the crib knows of a tool that was used. */
final readonly class ToolEvidence
{
    public function __construct(
        public string $code,
        public CalibrationHistory $calibrations,
    ) {
    }
}
