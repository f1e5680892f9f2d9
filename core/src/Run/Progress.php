<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/**
 * How far a run is, for boards and lists: what is done of each round, the marks that should be on the metal, what comes next
 * and what stopped it. "Next" is today's advice; so it is made again when the rules change.
 */
final readonly class Progress
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return array{done: int, all: int, finished: bool, stopped: bool, next: string|null, why: string|null, rounds: list<array{done: int, all: int}>, marks: list<array{position: string, strokes: list<string>, old: int, fault: string|null}>} */
    public function toArray(): array
    {
        $state = $this->run->freeze();
        $rounds = [];
        foreach ($this->run->plan->steps as $step) {
            $rounds[$step->stage] ??= ['done' => 0, 'all' => 0];
            $rounds[$step->stage]['all']++;
            $rounds[$step->stage]['done'] += $state->status($step->id) === StepStatus::Done ? 1 : 0;
        }
        // Nothing is waited for where the joint was opened again.
        $stopped = $this->run->isFinished() ? null : $this->run->stoppedAt();

        return [
            'done' => array_sum(array_column($rounds, 'done')), 'all' => count($this->run->plan->steps), 'finished' => $state->finished,
            'stopped' => $stopped !== null, 'next' => $this->run->nextStep()?->id, 'why' => $state->faults[0]->sentence ?? null,
            'rounds' => array_values($rounds), 'marks' => self::marks($state),
        ];
    }

    /** @return list<array{position: string, strokes: list<string>, old: int, fault: string|null}> */
    public static function marks(RunState $state): array
    {
        $marks = [];
        foreach (PaintMarks::of($state) as $position => $mark) {
            $marks[] = [
                'position' => (string) $position,
                'strokes' => array_map(fn ($grade): string => $grade->value, $mark->strokes),
                'old' => $mark->oldStrokes,
                'fault' => $mark->fault?->word(),
            ];
        }

        return $marks;
    }
}
