<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** One measured value against two limits. */
final readonly class StraightGoal
{
    public Written $low;

    public Written $high;

    public function __construct(public Kind $quantity, public Written $target, public Window $window)
    {
        [$this->low, $this->high] = $window->bothLimits();
    }
}
