<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Tool\Fitness;
use Tekkal\Core\Tool\Requirement;
use Tekkal\Core\Tool\ToolKind;

/** A tool that a step needs: for what, of which kinds, and what is asked of it. */
final readonly class Need
{
    /**
     * @param  non-empty-list<ToolKind>  $kinds  the usual one first
     * @param  Requirement|null  $requirement  null where nothing but its kind and its calibration is asked
     * @param  Attestation  $evidence  the weakest that is taken; where a value is wanted, one that only clicks gives none
     */
    public function __construct(
        public ToolUse $use,
        public array $kinds,
        public ?Requirement $requirement,
        public Attestation $evidence = Attestation::Measured,
    ) {
    }

    /** @return list<string> why the tool may not be used for it on that day, as sentences; empty when it may */
    public function whyNot(RackTool $tool, Rack $rack): array
    {
        if (! in_array($tool->tool->kind, $this->kinds, true)) {
            return [sprintf('%s is %s; this round needs %s.', $tool->tool->code, $tool->tool->kind->withArticle(), $this->kinds[0]->withArticle())];
        }
        $reasons = $this->evidence === Attestation::Measured && $tool->clicks() && $this->requirement?->holds !== true
            ? [sprintf('%s only clicks; here a measured value is wanted.', $tool->tool->code)]
            : [];
        $out = $tool->history->whyNotInForce($rack->day);
        $fitness = $this->requirement === null
            ? ($out === null ? [] : [sprintf('%s is out of calibration: %s.', $tool->tool->code, $out)])
            : Fitness::judge($tool->tool, $tool->history, $this->requirement->by($tool->tool->kind), $rack->day)->reasons;

        return [...$reasons, ...$fitness];
    }
}
