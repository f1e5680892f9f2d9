<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\Hands;
use Tekkal\Core\Run\Effect\RunIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Effect\Stroke;
use Tekkal\Core\Run\Effect\ToolIs;

/** What a run has come to, register by register. State alone assigns them. */
final class Registers
{
    public ?Hands $hands = null;

    public RunIs $run;

    /** @var array<string, ToolIs> by quantity */
    public array $tools = [];

    /** @var array<string, SettingIs> what each tool's scale shows */
    public array $settings = [];

    /** @var array<string, Stroke> the last stroke of an angle under way, by step */
    public array $strokes = [];

    /** @var array<string, non-empty-list<Attempt>> by step */
    public array $attempts = [];

    /** @var array<string, StepStatus> by step; one of which nothing was said is as it is at the beginning */
    public array $status = [];

    /** @var array<string, CaseState> in the order in which they were opened */
    public array $cases = [];

    /** @var array<string, array<string, array{Thing, Stamp}>> by place and what it is */
    public array $things = [];

    /** @var array<string, array<string, string>> by name and place or step */
    public array $facts = [];

    /** @var array<string, true> sentences about what cannot be proved */
    public array $doubts = [];

    /** @var array<string, true> ids of the events that came in */
    public array $seen = [];

    public ?Stamp $lastResult = null;

    /** @param  int  $seq  number of the last entry that was taken in */
    public function __construct(public int $seq = 0)
    {
        $this->run = new RunIs(RunPhase::Open);
    }
}
