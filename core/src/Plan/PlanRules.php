<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\FaultOverride;
use Tekkal\Core\Document\MarkPolicy;
use Tekkal\Core\Document\StageRules;

/** What a run is judged by, besides the values of its steps. */
final readonly class PlanRules
{
    /**
     * @param  array<string, Check>  $checks  by key
     * @param  array<string, StageRules>  $stages  by key, in order
     * @param  list<FaultOverride>  $faultOverrides
     */
    public function __construct(
        public array $checks,
        public array $stages,
        public array $faultOverrides,
        public ?MarkPolicy $marks = null,
    ) {
    }
}
