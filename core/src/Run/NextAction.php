<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** One thing that may be done now, so that the work goes on. */
final readonly class NextAction
{
    /**
     * @param  string  $do  step, loosen, replace, check_fastener, repair, accept_repair, decide, partner, measure, zero, take_up or finish
     * @param  string  $at  the step or position
     */
    public function __construct(public string $do, public string $at, public string $sentence)
    {
    }
}
