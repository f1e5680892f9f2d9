<?php

declare(strict_types=1);

namespace Tekkal\Core\Fault;

/** What has to happen at one position before the work goes on there. */
final class Duty
{
    /** @param  int  $from place in the plan from which the position's steps no longer count */
    public function __construct(
        public readonly int $from,
        public bool $loosen,
        public bool $replace,
        public bool $check,
        public bool $repair,
    ) {
    }

    public function isDone(): bool
    {
        return ! $this->loosen && ! $this->replace && ! $this->check && ! $this->repair;
    }
}
