<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;

/** Which strokes stand on the metal, and which are wanted: one after the last round, or one after each, across another. */
final readonly class MarkBook
{
    public function __construct(private Plan $plan, private State $state, private StepBook $steps)
    {
    }

    /** @return list<Mark> that are wanted and were not made since their round, or since the last one */
    public function wanting(): array
    {
        $policy = $this->plan->marks;
        if ($policy?->isWanted() !== true) {
            return [];
        }
        if ($policy->strokes === []) {
            return array_values(array_filter(array_map($this->atTheEnd(...), $this->steps->places->all())));
        }
        $wanting = [];
        foreach (array_keys($policy->strokes) as $stage) {
            foreach ($this->steps->stepsOf($stage) as $step) {
                if ($this->isDone($stage, $step->position) && $this->state->factAt($step->position, RunState::MARK.$stage) === null) {
                    $wanting["$stage $step->position"] = new Mark($step->position, $stage, $policy->wordsAfter($stage));
                }
            }
        }

        return array_values($wanting);
    }

    /**
     * A stroke for a round that was not done there, or across one that is not there, says what is not so.
     *
     * @param  list<string>  $positions
     */
    public function whyNot(string $mark, array $positions): ?SetAsideReason
    {
        $stroke = $this->plan->marks->strokes[$mark] ?? null;
        if ($stroke === null) {
            return null;
        }
        foreach ($positions as $position) {
            $crossed = $stroke->crosses === null || $this->state->factAt($position, RunState::MARK.$stroke->crosses) !== null;
            if (! $crossed || ! $this->isDone($mark, $position)) {
                return SetAsideReason::MarkMissing;
            }
        }

        return null;
    }

    /** @return list<Effect> what is loosened has none of its strokes any more, whatever is still to be seen of them */
    public function loosened(string $position): array
    {
        $made = array_filter(array_keys($this->plan->marks->strokes ?? []), fn (string $stage): bool => $this->state->factAt($position, RunState::MARK.$stage) !== null);

        return array_values(array_map(fn (string $stage): Effect => new FactIs($position, RunState::MARK.$stage, null), $made));
    }

    /**
     * A whole round was marked and counted.
     *
     * @return list<Effect>
     */
    public function counted(Step $step, string $by): array
    {
        $stroke = $this->plan->marks->strokes[$step->stage] ?? null;

        return [new FactIs($step->position, FastenerBook::MARKED_AFTER, $step->id), ...($stroke === null ? [] : [new FactIs($step->position, RunState::MARK.$step->stage, $by)])];
    }

    private function isDone(string $stage, string $position): bool
    {
        $at = array_filter($this->steps->stepsOf($stage), fn (Step $s): bool => $s->position === $position);

        return $at !== [] && array_filter($at, fn (Step $s): bool => $this->steps->status($s)->isOpen()) === [];
    }

    private function atTheEnd(string $position): ?Mark
    {
        $furthest = $this->steps->furthest($position);

        return $furthest === null || $this->state->factAt($position, FastenerBook::MARKED_AFTER) === $furthest->id ? null : new Mark($position, null, null);
    }
}
