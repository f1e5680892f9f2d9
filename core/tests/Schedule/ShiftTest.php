<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Schedule\ScheduleException;
use Tekkal\Core\Schedule\Shift;

/** Shifts by the shop's clock. Times of two- and three-shift work: common practice, no source; the hours at which clocks change: EU directive 2000/84/EC, from memory. */
final class ShiftTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, int|null}> local time in London, shift, minutes left */
    public static function twoShifts(): iterable
    {
        yield 'the very minute at which the early one begins' => ['2026-03-02 06:00', 'early', 480];
        yield 'the last minute of the early one' => ['2026-03-02 13:59', 'early', 1];
        yield 'the end of one is the beginning of the next' => ['2026-03-02 14:00', 'late', 480];
        yield 'after the last one nobody works, and nothing ends' => ['2026-03-02 22:00', null, null];
        yield 'nor before the first' => ['2026-03-02 05:59', null, null];
    }

    #[DataProvider('twoShifts')]
    public function test_a_shift_is_on_from_its_beginning_to_its_end_and_then_no_more(string $local, ?string $name, ?int $left): void
    {
        $now = self::london($local);
        $on = Shift::at([Shift::of('early', '06:00', '14:00'), Shift::of('late', '14:00', '22:00')], $now);

        self::assertSame([$name, $left], [$on?->name, $on === null ? null : self::minutes($now, $on->endsAfter($now))]);
    }

    public function test_a_night_shift_ends_on_the_next_day(): void
    {
        $night = Shift::of('night', '22:00', '06:00');

        self::assertSame([480, 1], [self::minutes($at = self::london('2026-03-02 22:00'), $night->endsAfter($at)), self::minutes($at = self::london('2026-03-03 05:59'), $night->endsAfter($at))]);
        self::assertSame([true, false, false], array_map(fn (string $t): bool => $night->isOn(self::london("2026-03-02 $t")), ['23:59', '06:00', '12:00']));
    }

    public function test_a_night_in_which_the_clock_is_changed_is_an_hour_shorter_or_longer(): void
    {
        $night = Shift::of('night', '22:00', '06:00');

        self::assertSame(420, self::minutes($at = self::london('2026-03-28 22:00'), $night->endsAfter($at)), 'put forward');
        self::assertSame(540, self::minutes($at = self::london('2026-10-24 22:00'), $night->endsAfter($at)), 'put back');
    }

    public function test_where_two_overlap_there_is_time_until_the_later_end(): void
    {
        $shifts = [Shift::of('early', '06:00', '14:30'), Shift::of('day', '08:00', '16:30')];

        self::assertSame(['early', 'day', 'day'], array_map(fn (string $t): ?string => Shift::at($shifts, self::london("2026-03-02 $t"))?->name, ['07:59', '08:00', '14:00']));
        self::assertNull(Shift::at([], self::london('2026-03-02 08:00')), 'a shop that has said none');
    }

    /** @return iterable<string, array{string, string, string, string, string}> */
    public static function noShifts(): iterable
    {
        yield 'no name' => ['', '06:00', '14:00', 'name', 'A shift has a name of 1 to 40 characters, such as early.'];
        yield 'no such hour' => ['early', '24:00', '14:00', 'from', '"24:00" is no time of day. Write it as 06:00.'];
        yield 'no minutes' => ['early', '06:00', '14', 'to', '"14" is no time of day. Write it as 06:00.'];
        yield 'a line more' => ['early', "06:00\n", '14:00', 'from', "\"06:00\n\" is no time of day. Write it as 06:00."];
        yield 'nothing between' => ['early', '06:00', '06:00', 'to', 'The early shift begins and ends at 06:00: no hour lies between them.'];
    }

    #[DataProvider('noShifts')]
    public function test_what_is_no_shift_is_refused_by_field(string $name, string $from, string $to, string $what, string $sentence): void
    {
        try {
            Shift::of($name, $from, $to);
            self::fail('taken');
        } catch (ScheduleException $e) {
            self::assertSame([$what, $sentence], [$e->what, $e->getMessage()]);
        }
    }

    private static function london(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable($time, new DateTimeZone('Europe/London'));
    }

    private static function minutes(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        return intdiv($to->getTimestamp() - $from->getTimestamp(), 60);
    }
}
