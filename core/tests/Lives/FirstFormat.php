<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use RuntimeException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Tests\Fixtures\Bench;

/**
 * Says in today's words what the first lives were written in. Nothing but these golden files was ever kept in that format:
 * the application reads it nowhere.
 */
final class FirstFormat
{
    private string $person = '';

    private string $device = '';

    private int $line = 0;

    /** @var array<string, string> step by the id of what was given */
    private array $steps = [];

    /** @var array<string, int> */
    private array $marks = [];

    public function __construct(private readonly Plan $plan)
    {
    }

    /**
     * @param  array<string, mixed>  $old
     * @return array<string, mixed>
     */
    public function told(array $old): array
    {
        $this->line++;
        $type = $old['event'];
        unset($old['event']);
        if ($type === 'run_begun' && $this->device === '' || $type === 'run_taken_over') {
            [$this->person, $this->device] = [$old['person'], $old['device']];
        }
        if (isset($old['id'], $old['step'])) {
            $this->steps[$old['id']] = $old['step'];
        }
        $stamp = ['id' => $old['id'] ?? "line$this->line", 'person' => $old['person'] ?? $this->person, 'device' => $old['device'] ?? $this->device, 'taken_at' => $old['at'] ?? '2026-03-02T08:00:00Z'];
        $own = array_diff_key($old, ['id' => 0, 'person' => 0, 'device' => 0, 'at' => 0]);

        return ['type' => $type] + $stamp + $this->content((string) $type, $own);
    }

    /**
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    private function content(string $type, array $own): array
    {
        foreach (['value', 'angle', 'shows', 'length'] as $key) {
            $own = isset($own[$key]) ? [$key => Bench::coded($own[$key])] + $own : $own;
        }
        if (isset($own['monitored'])) {
            $own['watched'] = array_map(Bench::watched(...), $own['monitored']);
            unset($own['monitored']);
        }

        return match ($type) {
            'fault_reported' => ['at' => $own['step']] + array_diff_key($own, ['step' => 0]),
            'marked' => ['positions' => [$own['position']], 'mark' => (string) $this->nextMark($own['position'])] + array_diff_key($own, ['position' => 0]),
            'reading_withdrawn' => $this->withdrawn($own),
            default => $own,
        };
    }

    /**
     * A round's reading was named by event and position in one.
     *
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    private function withdrawn(array $own): array
    {
        $reading = is_string($own['reading']) ? $own['reading'] : throw new RuntimeException('reading');

        return ['reading' => $reading, 'step' => $this->steps[$reading] ?? $this->plan->steps[0]->id] + $own;
    }

    private function nextMark(string $position): int
    {
        return $this->marks[$position] = ($this->marks[$position] ?? 0) + 1;
    }
}
