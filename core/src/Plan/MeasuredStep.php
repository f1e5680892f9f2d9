<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** A value is measured and judged. */
final readonly class MeasuredStep extends Step
{
    public ?Written $target;

    public ?Window $window;

    /** @var list<Window> */
    public array $monitored;

    public bool $missing;

    protected function __construct(StageRules $rules, string $position, int $pass, ?string $leg, private Goal $goal, private Kind $quantity)
    {
        parent::__construct($rules, $position, $pass, $leg);
        $this->target = $goal->target;
        $this->window = $goal->window;
        $this->monitored = $goal->monitored;
        $this->missing = $goal->missing;
    }

    public function quantity(): Kind
    {
        return $this->quantity;
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
