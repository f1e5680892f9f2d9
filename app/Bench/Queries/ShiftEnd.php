<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\People\Shop;
use Carbon\CarbonImmutable;
use Tekkal\Core\Schedule\Shift;

/** When the shift that is on ends, by the shop's own clock. */
final readonly class ShiftEnd
{
    private function __construct(public string $at, public int $seconds)
    {
    }

    /** Null between shifts, and in a shop that has said none: then nothing ends that a job had to be done by. */
    public static function after(CarbonImmutable $now): ?self
    {
        $local = Shop::here()->clock($now);
        $end = Shift::at(Shop::here()->shifts, $local)?->endsAfter($local);

        return $end === null ? null : new self($end->format('H:i'), $end->getTimestamp() - $local->getTimestamp());
    }
}
