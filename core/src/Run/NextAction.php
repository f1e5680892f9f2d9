<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** One thing that may be done now, so that the work goes on. */
final readonly class NextAction
{
    /**
     * @param  string  $do  step, loosen, replace, check_fastener, inspect, repair, accept_repair, decide, partner, supervisor, supervisor_signs, measure, zero, fit, apply, clean, renew, fit_aid, remove_aid, set_tool, read_setting, second_look, final_look, mark, take_up or finish
     * @param  string  $at  the step or position
     */
    public function __construct(public string $do, public string $at, public string $sentence)
    {
    }
}
