<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** What some positions get in one stage, with the source of the target and the source of its window. */
final readonly class StageTarget
{
    /**
     * @param  list<string>  $positions
     * @param  string|null  $group  null when the positions are named one by one
     * @param  Written|null  $target  null where the stage has none, the document gives a range only, or the value is missing
     * @param  Window|null  $window  null where nothing is judged, or the value is missing
     * @param  list<Window>  $monitored
     * @param  Written|null  $aim  where to aim inside the window; verdicts use the window
     * @param  string|null  $aimEvidence  what the aim rests on
     */
    public function __construct(
        public array $positions,
        public ?string $group,
        public ?Written $target,
        public ?Window $window,
        public array $monitored,
        public ?string $targetSource,
        public ?string $windowSource,
        public bool $missing,
        public ?Written $aim = null,
        public ?string $aimEvidence = null,
    ) {
    }
}
