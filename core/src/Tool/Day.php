<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use DateTimeImmutable;
use DateTimeZone;
use Tekkal\Core\Bounds;

/** A calendar day in the shop's time zone: calibrations hold for days, not for instants. */
final readonly class Day
{
    private function __construct(public string $date)
    {
    }

    /** @throws ToolException unless $date is an existing day written YYYY-MM-DD */
    public static function of(string $date): self
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $date, new DateTimeZone('UTC'));
        if ($day === false || $day->format('Y-m-d') !== $date) {
            throw new ToolException(sprintf('"%s" is not a day written YYYY-MM-DD.', $date), 'day', $date, 'YYYY-MM-DD');
        }

        return new self($date);
    }

    public static function at(DateTimeImmutable $instant, DateTimeZone $shopZone): self
    {
        return new self($instant->setTimezone($shopZone)->format('Y-m-d'));
    }

    /**
     * So many months later: the same day of the month, or its last where it has no such day; an interval of months that
     * began on 31 August is due on 28 February.
     *
     * @throws ToolException unless the months lie from 1 to 600
     */
    public function plusMonths(int $months): self
    {
        (new Bounds(ToolException::class))->between('the months', (float) $months, 1.0, 600.0);
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->date));
        $count = $month - 1 + $months;
        $first = new DateTimeImmutable(sprintf('%04d-%02d-01', $year + intdiv($count, 12), $count % 12 + 1), new DateTimeZone('UTC'));

        return new self($first->format('Y-m-').sprintf('%02d', min($day, (int) $first->format('t'))));
    }

    /**
     * The last day for which a calibration of this day holds: the end of the month, so many months later.
     *
     * @throws ToolException unless the months lie from 1 to 600
     */
    public function due(int $months): self
    {
        return new self((new DateTimeImmutable($this->plusMonths($months)->date, new DateTimeZone('UTC')))->format('Y-m-t'));
    }

    /** Days from this one to the other; below 0 where that lies before. */
    public function daysTo(self $other): int
    {
        $zone = new DateTimeZone('UTC');

        return (int) (new DateTimeImmutable($this->date, $zone))->diff(new DateTimeImmutable($other->date, $zone))->format('%r%a');
    }

    public function isAfter(self $other): bool
    {
        return $this->date > $other->date;
    }

    public function equals(self $other): bool
    {
        return $this->date === $other->date;
    }

    /** "3 March 2027" */
    public function words(): string
    {
        return (new DateTimeImmutable($this->date))->format('j F Y');
    }
}
