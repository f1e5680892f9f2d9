<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** What some positions get in one stage, with the source of the target and the source of its window. */
final readonly class StageTarget
{
    public ?Written $target;

    public ?Window $window;

    /** @var list<Window> */
    public array $monitored;

    public bool $missing;

    public ?Written $threshold;

    /**
     * @param  list<string>  $positions
     * @param  string|null  $group  null when the positions are named one by one
     * @param  Written|null  $aim  where to aim inside the window; verdicts use the window
     * @param  string|null  $aimEvidence  what the aim rests on
     */
    public function __construct(
        public array $positions,
        public ?string $group,
        public Goal $goal,
        public ?string $targetSource = null,
        public ?string $windowSource = null,
        public ?Written $aim = null,
        public ?string $aimEvidence = null,
    ) {
        $this->target = $goal->target;
        $this->window = $goal->window;
        $this->monitored = $goal->monitored;
        $this->missing = $goal->missing;
        $this->threshold = $goal->threshold;
    }
}
