<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Somebody whom a lead has named to decide in their place: of which classes of joints, at which hours, on which days.
 *
 * @property string $id
 * @property string $person
 * @property string $classes letters, such as BC
 * @property string $from_time HH:MM of the shop's clock
 * @property string $until_time HH:MM; before $from_time where it is over midnight
 * @property CarbonImmutable $first_day
 * @property CarbonImmutable $last_day included
 * @property string $named_by
 * @property CarbonImmutable $named_at
 * @property CarbonImmutable|null $ended_at
 */
final class Deputy extends Row
{
    protected $table = 'deputies';

    /** @var array<string, string> */
    protected $casts = ['first_day' => 'immutable_date', 'last_day' => 'immutable_date', 'named_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** "class B and C, 14:00 to 22:00, 1 Dec to 24 Dec 2026" */
    public function words(): string
    {
        $letters = implode(', ', str_split($this->classes));

        return sprintf('class %s, %s to %s, %s to %s', $letters, $this->from_time, $this->until_time, $this->first_day->format('j M'), $this->last_day->format('j M Y'));
    }

    public function covers(string $class): bool
    {
        return str_contains($this->classes, $class);
    }

    /** @param  CarbonImmutable  $now  by the shop's clock; hours over midnight belong to the day on which they begin */
    public function isOnDuty(CarbonImmutable $now): bool
    {
        $time = $now->format('H:i');
        $overnight = $this->until_time <= $this->from_time;
        $day = ($overnight && $time < $this->until_time ? $now->subDay() : $now)->format('Y-m-d');
        $within = $overnight ? $time >= $this->from_time || $time < $this->until_time : $time >= $this->from_time && $time < $this->until_time;

        return $within && $this->ended_at === null && $day >= $this->first_day->format('Y-m-d') && $day <= $this->last_day->format('Y-m-d');
    }
}
