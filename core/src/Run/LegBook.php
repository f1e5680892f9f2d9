<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** Which leg of a block is in reach, where a shaft has to be turned for each. It writes nothing. */
final class LegBook
{
    /** @var array<string, non-empty-list<Step>> the openings of each block, by its key */
    private array $openings = [];

    /** @var array<string, list<Step>> what is to be done in each leg, its openings left out */
    private array $work = [];

    /** @var array<string, string> the block of a leg that has to be brought into reach */
    private array $blockOf = [];

    public function __construct(Plan $plan, private readonly State $state, private readonly StepBook $steps)
    {
        foreach ($plan->steps as $step) {
            if (PlaceBook::isOpening($step)) {
                $this->openings[$step->stage][] = $step;
                $this->blockOf[(string) $step->leg] = $step->stage;
            } elseif ($step->leg !== null) {
                $this->work[$step->leg][] = $step;
            }
        }
    }

    /** The check that has to be answered before a step can be reached; null when it is in reach. */
    public function opensFor(Step $step): ?Step
    {
        $block = $this->blockOf[$step->leg ?? ''] ?? null;
        if ($block === null || PlaceBook::isOpening($step) || $this->reached($block) === $step->leg) {
            return null;
        }
        foreach ($this->openings[$block] as $opening) {
            if ($opening->leg === $step->leg && $this->state->live($opening->id) === null) {
                return $opening;
            }
        }

        return $this->openings[$block][0];
    }

    /** Has one to come back to the leg of this opening: was it begun, left, and is something open there? */
    public function isToComeBack(Step $opening): bool
    {
        $begun = true;
        foreach ($this->openings[$opening->stage] ?? [] as $other) {
            $begun = $begun && ! ($other->leg === $opening->leg && $other->pass === 1 && $this->state->live($other->id) === null);
        }

        return $begun && $this->reached($opening->stage) !== $opening->leg && $this->isOpen((string) $opening->leg);
    }

    /** @return list<Step> the comings back that are to be done now */
    public function toComeBack(): array
    {
        return array_values(array_filter($this->needed(), fn (Step $o): bool => $this->state->live($o->id) === null));
    }

    /** @return list<Step> comings back that were answered, and have to be answered again since one has gone on meanwhile */
    public function stale(): array
    {
        return array_values(array_filter($this->needed(), fn (Step $o): bool => $this->state->live($o->id) !== null));
    }

    /** @return list<Step> the comings back whose need hangs on what is done in this step's block */
    public function comingsBack(Step $step): array
    {
        $block = $this->blockOf[$step->leg ?? ''] ?? null;

        return $block === null ? [] : array_values(array_filter($this->openings[$block], fn (Step $s): bool => $s->isConditional()));
    }

    /** @return list<Step> */
    private function needed(): array
    {
        return array_values(array_filter(array_merge(...array_values($this->openings)), fn (Step $o): bool => $o->isConditional() && $this->isToComeBack($o)));
    }

    /** The leg to which the shaft was turned last; at first that of the first leg. */
    private function reached(string $block): ?string
    {
        [$leg, $last] = [$this->openings[$block][0]->leg, 0];
        foreach ($this->openings[$block] as $opening) {
            $seq = $this->state->live($opening->id)->seq ?? 0;
            [$leg, $last] = $seq > $last ? [$opening->leg, $seq] : [$leg, $last];
        }

        return $leg;
    }

    /** Is something to do there, that no fault holds and nobody has put off? */
    private function isOpen(string $leg): bool
    {
        foreach ($this->work[$leg] ?? [] as $step) {
            $held = array_filter($this->state->openCases(), fn (CaseState $c): bool => $c->asksOf($step->position));
            if ($held === [] && $this->steps->status($step)->isOpen() && ! $this->steps->isDeferred($step->id)) {
                return true;
            }
        }

        return false;
    }
}
