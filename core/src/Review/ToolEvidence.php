<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use Tekkal\Core\Tool\CalibrationHistory;

/** What the crib knows of a tool that was used. */
final readonly class ToolEvidence
{
    /**
     * @param  list<LookedBack>  $lookedBack  what look-backs came to on this build
     * @param  string|null  $stopped  since when and by whom, while it is stopped
     */
    public function __construct(
        public string $code,
        public CalibrationHistory $calibrations,
        public array $lookedBack = [],
        public ?string $stopped = null,
    ) {
    }
}
