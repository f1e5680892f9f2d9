<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Tool\Fitness;
use Tekkal\Core\Tool\Requirement;
use Tekkal\Core\Tool\ToolKind;
use WeakMap;

/** A tool that a step needs: for what, of which kinds, and what is asked of it. */
final class Need
{
    /** @var WeakMap<RackTool, array<string, list<string>>>|null what was found of a tool, by what was asked */
    private static ?WeakMap $kept = null;

    /**
     * @param  non-empty-list<ToolKind>  $kinds  the usual one first
     * @param  Requirement|null  $requirement  null where nothing but its kind and its calibration is asked
     * @param  Attestation  $evidence  the weakest that is taken; where a value is wanted, one that only clicks gives none
     */
    public function __construct(
        public readonly ToolUse $use,
        public readonly array $kinds,
        public readonly ?Requirement $requirement,
        public readonly Attestation $evidence = Attestation::Measured,
    ) {
    }

    /** @return list<string> why the tool may not be used for it on that day, as sentences; empty when it may */
    public function whyNot(RackTool $tool, Rack $rack): array
    {
        // Asked for every tool of the crib with every screen, and the same each time: fitness is exact arithmetic, and slow beside a page.
        $kept = (self::$kept ??= new WeakMap)[$tool] ?? [];
        $key = $rack->day->date.' '.$this->key();
        if (! isset($kept[$key])) {
            $kept[$key] = $this->reasons($tool, $rack);
            self::$kept[$tool] = $kept;
        }

        return $kept[$key];
    }

    /** The same for everything that asks the same. */
    public function key(): string
    {
        $asks = $this->requirement;

        return implode(' ', [
            $this->use->value, $this->evidence->value, ...array_map(fn (ToolKind $k): string => $k->value, $this->kinds),
            ...($asks === null ? [] : [$asks->target->code(), $asks->window->low?->code(), $asks->window->high?->code(), $asks->direction, $asks->threshold?->code(), $asks->holds ? 'holds' : '', $asks->kind->value]),
        ]);
    }

    /** @return list<string> */
    private function reasons(RackTool $tool, Rack $rack): array
    {
        if (! in_array($tool->tool->kind, $this->kinds, true)) {
            return [sprintf('%s is %s; this round needs %s.', $tool->tool->code, $tool->tool->kind->withArticle(), $this->kinds[0]->withArticle())];
        }
        $reasons = $this->evidence === Attestation::Measured && $tool->clicks() && $this->requirement?->holds !== true
            ? [sprintf('%s only clicks; here a measured value is wanted.', $tool->tool->code)]
            : [];
        $out = $tool->tool->whyNotOn($tool->history, $rack->day);
        $fitness = $this->requirement === null
            ? ($out === null ? [] : [$out])
            : Fitness::judge($tool->tool, $tool->history, $this->requirement->by($tool->tool->kind), $rack->day)->reasons;

        return [...$reasons, ...$fitness];
    }
}
