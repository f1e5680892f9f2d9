<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

/** How long one fastener takes, by round, from when results were taken in earlier runs of a joint. */
final class StepTimes
{
    /** Whoever was away longer was called away. Seconds; common practice, no source. */
    private const AWAY_S = 600;

    /** Fewer than that say nothing. */
    private const LEAST = 4;

    /**
     * @param  iterable<array{run: string, stage: string, at: float}>  $results  in the order in which they were taken; seconds
     * @return array<string, int> median seconds, by round
     */
    public static function of(iterable $results): array
    {
        $gaps = [];
        $last = null;
        foreach ($results as $result) {
            $gap = $last !== null && $last['run'] === $result['run'] && $last['stage'] === $result['stage'] ? $result['at'] - $last['at'] : null;
            if ($gap !== null && $gap > 0 && $gap <= self::AWAY_S) {
                $gaps[$result['stage']][] = $gap;
            }
            $last = $result;
        }

        return array_map(self::median(...), array_filter($gaps, fn (array $g): bool => count($g) >= self::LEAST));
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): int
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return max(1, (int) round(count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2));
    }
}
