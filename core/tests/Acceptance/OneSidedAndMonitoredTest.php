<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Acceptance;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

/** One-sided limits, tolerances and what is watched beside the controlled quantity: facts of the trade (common practice, no source). */
final class OneSidedAndMonitoredTest extends TestCase
{
    public function test_a_window_with_one_limit_judges_by_that_one_only(): void
    {
        $least = new Window(self::nm('30'), null);
        $most = new Window(null, self::nm('30'));

        self::assertSame([Verdict::Low, Verdict::In, Verdict::In], [$least->judge(self::nm('29.999')->quantity()), $least->judge(self::nm('30')->quantity()), $least->judge(self::nm('900')->quantity())]);
        self::assertSame([Verdict::In, Verdict::In, Verdict::High], [$most->judge(self::nm('0')->quantity()), $most->judge(self::nm('30')->quantity()), $most->judge(self::nm('30.001')->quantity())]);
        self::assertSame([false, false, true], [$least->isTwoSided(), $most->isTwoSided(), (new Window(self::nm('1'), self::nm('2')))->isTwoSided()]);
        self::assertSame(['low' => '30', 'high' => ''], $least->displayedIn(TorqueUnit::NewtonMetre, 0));
    }

    public function test_both_limits_may_be_one_value(): void
    {
        $window = new Window(self::nm('30'), self::nm('30'));

        self::assertSame(Verdict::In, $window->judge(self::nm('30.0')->quantity()));
        self::assertSame(['low' => '30', 'high' => '30'], $window->displayedIn(TorqueUnit::NewtonMetre, 0));
    }

    public function test_a_window_without_any_limit_is_none(): void
    {
        $this->expectException(InvalidArgumentException::class);

        new Window(null, null);
    }

    public function test_limits_of_different_kinds_are_refused(): void
    {
        $this->expectExceptionMessage("30\u{A0}N·m and 40° measure different things");

        new Window(self::nm('30'), Written::of('40', AngleUnit::Degree));
    }

    /** @return iterable<string, array{string, Kind, string, string}> tolerance, kind, target, window */
    public static function tolerances(): iterable
    {
        yield 'a share' => ['4 %', Kind::Torque, '60 lbf.ft', '57.6–62.4 lbf·ft'];
        yield 'a share with its sign' => ['±10%', Kind::Torque, '15 lbf.ft', '13.5–16.5 lbf·ft'];
        yield 'the whole' => ['100 %', Kind::Torque, '15 lbf.ft', '0–30 lbf·ft'];
        yield 'an amount' => ['± 5°', Kind::Angle, '80 deg', '75–85°'];
        yield 'an amount in another unit: 12 lbf·in are 1 lbf·ft' => ['12 lbf·in', Kind::Torque, '15 lbf.ft', '14–16 lbf·ft'];
        yield 'an amount in its own unit' => ['1 lbf·ft', Kind::Torque, '15 lbf.ft', '14–16 lbf·ft'];
        yield 'nothing lies below zero' => ['20 N·m', Kind::Torque, '15 N.m', '0–35 N·m'];
    }

    #[DataProvider('tolerances')]
    public function test_a_tolerance_lies_to_either_side_of_its_target(string $printed, Kind $kind, string $target, string $window): void
    {
        [$digits, $unit] = explode(' ', $target);

        self::assertSame($window, str_replace("\u{A0}", ' ', Tolerance::printed($printed, $kind)->around(Written::fromCode($digits, $unit))->typeset()));
    }

    /** @return iterable<string, array{string, Kind, string}> */
    public static function noTolerances(): iterable
    {
        yield 'more than all of it' => ['101 %', Kind::Torque, 'such as 2 N·m'];
        yield 'degrees of a torque' => ['5°', Kind::Torque, 'such as 2 N·m'];
        yield 'a bare number' => ['5', Kind::Angle, 'such as 5°'];
        yield 'nothing' => ['', Kind::Length, 'such as 2 mm'];
    }

    #[DataProvider('noTolerances')]
    public function test_what_is_no_tolerance_is_refused_with_one_that_is(string $printed, Kind $kind, string $hint): void
    {
        $this->expectExceptionMessage($hint);

        Tolerance::printed($printed, $kind);
    }

    public function test_a_controlled_value_that_is_out_decides_and_what_was_watched_only_after_it(): void
    {
        $window = new Window(self::nm('30'), self::nm('34'));
        $angle = fn (string $d): Written => Written::of($d, AngleUnit::Degree);
        $watched = fn (string $d): array => [[$angle($d), new Window($angle('40'), $angle('60'))]];

        self::assertSame(Verdict::In, Judgement::ofMonitored(self::nm('32'), $window, $watched('50'))->verdict);
        self::assertSame(Verdict::Low, Judgement::ofMonitored(self::nm('32'), $window, $watched('39'))->verdict);
        self::assertSame(Verdict::High, Judgement::ofMonitored(self::nm('35'), $window, $watched('50'))->verdict);
        self::assertSame(Verdict::High, Judgement::ofMonitored(self::nm('35'), $window, $watched('39'))->verdict);
        self::assertStringStartsWith('39° is short', Judgement::ofMonitored(self::nm('32'), $window, $watched('39'))->reason);
    }

    public function test_a_setting_in_the_window_is_attested_and_one_outside_is_short_or_over(): void
    {
        $window = new Window(self::nm('30'), self::nm('34'));
        $judge = fn (string $d): Judgement => Judgement::ofSetting(self::nm($d), $window, EvidenceGrade::AttestedAsRound);

        self::assertSame([Verdict::Attested, Verdict::Low, Verdict::High], array_map(fn (string $d): Verdict => $judge($d)->verdict, ['34', '29', '35']));
        self::assertSame(EvidenceGrade::AttestedAsRound, $judge('35')->evidence);
        self::assertSame("The setting 35\u{A0}N·m is over: 30–34\u{A0}N·m is good.", $judge('35')->reason);
        self::assertSame("The setting 29\u{A0}N·m is short: 30–34\u{A0}N·m is good.", $judge('29')->reason);
    }

    public function test_the_weaker_of_two_grades_is_the_later_in_the_list(): void
    {
        $grades = [EvidenceGrade::Curve, EvidenceGrade::MeasuredValue, EvidenceGrade::AttestedOneByOne, EvidenceGrade::AttestedAsRound, EvidenceGrade::Unknown];
        foreach ($grades as $i => $grade) {
            foreach ($grades as $j => $other) {
                self::assertSame($grades[max($i, $j)], $grade->weaker($other));
            }
        }
        self::assertSame('not proved', EvidenceGrade::Unknown->words());
    }

    public function test_prevailing_torque_raises_both_limits(): void
    {
        self::assertSame('33–37', (new Window(self::nm('30'), self::nm('34')))->raisedBy(self::nm('3'))->low?->digits.'–'.(new Window(self::nm('30'), self::nm('34')))->raisedBy(self::nm('3'))->high?->digits);
        self::assertNull((new Window(self::nm('30'), null))->raisedBy(self::nm('3'))->high);
    }

    public function test_every_verdict_is_good_or_not_and_has_its_word(): void
    {
        $words = [];
        foreach (Verdict::cases() as $verdict) {
            $words[$verdict->word()] = $verdict->isGood();
        }

        self::assertSame(['in' => true, 'short' => false, 'over' => false, 'passed' => true, 'failed' => false, 'attested' => true, 'not below' => true, 'gave way' => false], $words);
    }

    private static function nm(string $digits): Written
    {
        return Written::of($digits, TorqueUnit::NewtonMetre);
    }
}
