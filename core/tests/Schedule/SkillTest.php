<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Schedule\ScheduleException;
use Tekkal\Core\Schedule\Skill;
use Tekkal\Core\Schedule\SkillStanding;
use Tekkal\Core\Tool\Day;

/** Signatures that end, and work under a supervisor: common practice, no source. */
final class SkillTest extends TestCase
{
    /** @return iterable<string, array{string, SkillStanding, bool}> */
    public static function days(): iterable
    {
        yield 'fifteen days before its end it is simply signed' => ['2026-11-19', SkillStanding::Signed, true];
        yield 'fourteen days before, its end is announced' => ['2026-11-20', SkillStanding::Ending, true];
        yield 'its last day counts' => ['2026-12-04', SkillStanding::Ending, true];
        yield 'the day after, it has ended' => ['2026-12-05', SkillStanding::Ended, false];
    }

    #[DataProvider('days')]
    public function test_a_signature_is_announced_before_it_ends_and_holds_for_its_last_day(string $today, SkillStanding $standing, bool $alone): void
    {
        $on = Skill::signed(Day::of('2026-12-04'))->on(Day::of($today));

        self::assertSame([$standing, $alone], [$on, $on->mayAlone()]);
    }

    public function test_one_without_an_end_does_not_end(): void
    {
        self::assertSame(SkillStanding::Signed, Skill::signed(null)->on(Day::of('2066-01-01')));
    }

    public function test_nobody_works_alone_on_builds_that_were_only_supervised_until_somebody_signs(): void
    {
        foreach ([0, 1, 2, 3] as $done) {
            $on = Skill::learning(2, $done)->on(Day::of('2026-11-30'));
            self::assertSame([SkillStanding::UnderSupervisor, false], [$on, $on->mayAlone()], "$done of 2");
        }
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function unlikely(): iterable
    {
        yield 'none wanted' => [0, 0, '0 builds under a supervisor: ask for 1 to 20.'];
        yield 'too many' => [21, 0, '21 builds under a supervisor: ask for 1 to 20.'];
        yield 'fewer than none done' => [2, -1, 'Builds that were done are counted from 0.'];
    }

    #[DataProvider('unlikely')]
    public function test_a_number_of_builds_that_cannot_be_is_refused(int $wanted, int $done, string $sentence): void
    {
        $this->expectException(ScheduleException::class);
        $this->expectExceptionMessage($sentence);

        Skill::learning($wanted, $done);
    }
}
