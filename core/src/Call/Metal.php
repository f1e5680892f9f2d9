<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use DateTimeImmutable;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepStatus;

/**
 * What of a run matters to whoever works elsewhere on the same engine, or takes it over: may its shaft be turned, what is in
 * and has to come out, what is drying, what is not tight yet, which angle was left half done. Common practice, no source.
 */
final readonly class Metal
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return array{shaft: list<string>, aids: list<string>, curing: list<array{agent: string, places: string, until: string}>, tight: int, all: int, under_way: list<string>} of a run that is closed, nothing */
    public function toArray(): array
    {
        $closed = $this->run->isFinished();
        [$tight, $all] = $closed ? [0, 0] : $this->tight();

        return [
            'shaft' => $closed ? [] : array_values($this->run->turning->whyNot()), 'aids' => $closed ? [] : array_values($this->run->aids->left()),
            'curing' => $closed ? [] : $this->curing(), 'tight' => $tight, 'all' => $all, 'under_way' => $closed ? [] : $this->underWay(),
        ];
    }

    /** @return array{int, int} positions that have had every round that tightens them, of all that have any */
    private function tight(): array
    {
        $open = $all = [];
        foreach ($this->run->plan->steps as $step) {
            if ($step->kind->tightens() && isset($this->run->plan->positions[$step->position])) {
                $all[$step->position] = true;
                if (! in_array($this->run->steps->status($step), [StepStatus::Done, StepStatus::NotNeeded], true) && ! $this->isSpared($step)) {
                    $open[$step->position] = true;
                }
            }
        }

        return [count($all) - count($open), count($all)];
    }

    /** A repeat that nobody has asked for. */
    private function isSpared(Step $step): bool
    {
        return $step->isConditional() && $this->run->steps->status($step) === StepStatus::ToDo;
    }

    /** @return list<array{agent: string, places: string, until: string}> until: UTC, ISO 8601, by the clock of whoever put it on */
    private function curing(): array
    {
        $conditions = array_column(array_map(fn ($a): array => [$a->key, $a->condition], $this->run->plan->agents), 1, 0);

        return array_map(function (array $running) use ($conditions): array {
            $first = min(array_map(fn (Stamp $s): int => $s->at->getTimestamp(), $running['positions']) ?: [0]);

            return [
                'agent' => $conditions[$running['agent']] ?? $running['agent'], 'places' => $this->run->names->places(array_map(strval(...), array_keys($running['positions']))),
                'until' => (new DateTimeImmutable('@'.($first + $running['seconds'])))->format('Y-m-d\TH:i:s\Z'),
            ];
        }, $this->run->expiry->running());
    }

    /** @return list<string> angles that were begun: "bolt 4 has 35° of 80°" */
    public function underWay(): array
    {
        $says = [];
        foreach ($this->run->plan->steps as $step) {
            $sum = $this->run->state->sum($step->id);
            if ($sum !== null) {
                $target = $step instanceof MeasuredStep ? $step->target : null;
                $says[] = sprintf('%s has %s%s', $this->run->names->called($step->position), $sum->typeset(), $target === null ? '' : ' of '.$target->typeset());
            }
        }

        return $says;
    }
}
