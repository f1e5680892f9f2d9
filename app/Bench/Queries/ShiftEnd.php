<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use Carbon\CarbonImmutable;

/** When the shift ends, by the shop's own clock. */
final readonly class ShiftEnd
{
    private function __construct(public string $at, public int $seconds)
    {
    }

    /** The next end; null in a shop that has said none. */
    public static function after(CarbonImmutable $now): ?self
    {
        $local = $now->setTimezone((string) config('shop.time_zone'));
        $ends = [];
        foreach (array_filter(explode(',', (string) config('shop.shift_ends'))) as $time) {
            $today = $local->setTimeFromTimeString(trim($time));
            $next = $today->lessThanOrEqualTo($local) ? $today->addDay() : $today;
            $ends[$next->getTimestamp()] = $next;
        }
        ksort($ends);
        $end = reset($ends);

        return $end === false ? null : new self($end->format('H:i'), $end->getTimestamp() - $local->getTimestamp());
    }
}
