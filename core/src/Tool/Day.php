<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use DateTimeImmutable;
use DateTimeZone;

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
