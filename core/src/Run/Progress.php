<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Written;

/** How far the steps of a run are. */
final readonly class Progress
{
    /**
     * @param  array<string, list<Attempt>>  $attempts  by step id
     * @param  array<string, StepStatus>  $statuses  by step id; a step to do is left out
     * @param  array<string, Written>  $underWay  the angle so far, by step
     * @param  string|null  $stoppedAt  the step that went wrong and was not put right
     * @param  string|null  $interruptedAt  the step at which the work was left
     */
    public function __construct(
        public array $attempts,
        public array $statuses,
        public array $underWay,
        public ?string $nextStep,
        public ?string $stoppedAt,
        public ?string $interruptedAt,
    ) {
    }
}
