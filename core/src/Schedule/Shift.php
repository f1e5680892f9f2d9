<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

use DateTimeImmutable;

/** One shift of every working day, by the shop's clock; one whose end lies before its beginning goes over midnight. */
final readonly class Shift
{
    private const TIME = '/^([01]\d|2[0-3]):[0-5]\d$/D';

    private const LONGEST_NAME = 40;

    private function __construct(public string $name, public string $from, public string $to)
    {
    }

    /**
     * @param  string  $from  HH:MM, included
     * @param  string  $to  HH:MM, not included
     *
     * @throws ScheduleException unless both are times of day that differ, and the shift has a name of at most 40 characters
     */
    public static function of(string $name, string $from, string $to): self
    {
        if ($name === '' || strlen($name) > self::LONGEST_NAME) {
            throw new ScheduleException('A shift has a name of 1 to 40 characters, such as early.', 'name', $name, '1 to 40 characters');
        }
        foreach (['from' => $from, 'to' => $to] as $what => $time) {
            if (preg_match(self::TIME, $time) !== 1) {
                throw new ScheduleException(sprintf('"%s" is no time of day. Write it as 06:00.', $time), $what, $time, 'HH:MM');
            }
        }
        if ($from === $to) {
            throw new ScheduleException(sprintf('The %s shift begins and ends at %s: no hour lies between them.', $name, $from), 'to', $to, "not $from");
        }

        return new self($name, $from, $to);
    }

    /** @param  DateTimeImmutable  $local  by the shop's clock */
    public function isOn(DateTimeImmutable $local): bool
    {
        $time = $local->format('H:i');

        return $this->from < $this->to ? $time >= $this->from && $time < $this->to : $time >= $this->from || $time < $this->to;
    }

    /**
     * When the shift that is on at that instant ends: later on the same day, or on the next one.
     *
     * @param  DateTimeImmutable  $local  by the shop's clock, while it is on
     */
    public function endsAfter(DateTimeImmutable $local): DateTimeImmutable
    {
        [$hour, $minute] = array_map(intval(...), explode(':', $this->to));
        $today = $local->setTime($hour, $minute);

        return $today > $local ? $today : $today->modify('+1 day')->setTime($hour, $minute);
    }

    /**
     * The shift that is on; where two overlap, the one that goes on longest: whoever works in it has that long.
     *
     * @param  list<self>  $shifts
     * @param  DateTimeImmutable  $local  by the shop's clock
     */
    public static function at(array $shifts, DateTimeImmutable $local): ?self
    {
        $on = array_values(array_filter($shifts, fn (self $s): bool => $s->isOn($local)));
        usort($on, fn (self $a, self $b): int => $b->endsAfter($local) <=> $a->endsAfter($local));

        return $on[0] ?? null;
    }

    /** "early, 06:00 to 14:00" */
    public function words(): string
    {
        return "$this->name, $this->from to $this->to";
    }
}
