<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\StageRules;

/** Seated, loosened or left to settle: somebody says that it was done, and nothing is measured. */
final readonly class HandStep extends Step
{
    /** @param  Goal  $goal  up to what a powered tool may go, where the document states it */
    protected function __construct(StageRules $rules, string $position, int $pass, ?string $leg, private Goal $goal)
    {
        parent::__construct($rules, $position, $pass, $leg);
    }

    public function goal(): Goal
    {
        return $this->goal;
    }

    public function toArray(): array
    {
        return parent::toArray() + $this->goal->toArray();
    }
}
