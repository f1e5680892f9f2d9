<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** All calibrations of one tool, oldest first: what was in force on a day, and what came after it. */
final readonly class CalibrationHistory
{
    /** @var list<Calibration> */
    public array $all;

    /** @param  list<Calibration>  $calibrations in any order */
    public function __construct(array $calibrations)
    {
        usort($calibrations, fn (Calibration $a, Calibration $b): int => $a->on->date <=> $b->on->date);
        $this->all = $calibrations;
    }

    /** The latest calibration made on or before that day, whatever it found; null when there was none. */
    public function latestOn(Day $day): ?Calibration
    {
        $latest = null;
        foreach ($this->all as $calibration) {
            if (! $calibration->on->isAfter($day)) {
                $latest = $calibration;
            }
        }

        return $latest;
    }

    /** The first calibration made after that day: the one that tells whether the tool had stayed good. */
    public function firstAfter(Day $day): ?Calibration
    {
        foreach ($this->all as $calibration) {
            if ($calibration->on->isAfter($day)) {
                return $calibration;
            }
        }

        return null;
    }

    /** Why the tool was not in calibration on that day; null when it was. The due day itself still counts. */
    public function whyNotInForce(Day $day): ?string
    {
        $latest = $this->latestOn($day);

        return match (true) {
            $latest === null => 'it had never been calibrated',
            ! $latest->conforms => sprintf('it failed its calibration of %s', $latest->on->words()),
            $day->isAfter($latest->due) => sprintf('its calibration was due by %s', $latest->due->words()),
            default => null,
        };
    }
}
