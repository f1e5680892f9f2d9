<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Acceptance\ReadingSlip;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\MeasuredChecks;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\TooFew;
use Tekkal\Core\Tool\Adapter;
use Tekkal\Core\Tool\AngleTrial;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\CalibrationResult;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Drift;
use Tekkal\Core\Tool\InstrumentPoint;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\LookBackVerdict;
use Tekkal\Core\Tool\UncertaintyBudget;
use Tekkal\Core\Tool\UncertaintyComponent;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Length;
use Tekkal\Core\Unit\Written;

/** Rules of ISO 6789 (from memory) and of the trade (common practice, no source); arithmetic worked by hand. */
final class CalibrationAndLookBackTest extends TestCase
{
    /** 100 set and 96 delivered is +4.17 %, which ±4 % does not allow; 100 set and 104 delivered is −3.85 %, which it does. */
    public function test_a_deviation_is_of_the_reference_and_not_of_what_was_set(): void
    {
        self::assertFalse((new CalibrationPoint(100, [96.0]))->conforms(4.0));
        self::assertTrue((new CalibrationPoint(100, [104.0]))->conforms(4.0));
    }

    public function test_every_single_reading_must_conform_and_not_the_mean(): void
    {
        $point = new CalibrationPoint(100, [95.9, 100.0, 100.0, 100.0, 104.1]);
        $result = new CalibrationResult([$point, new CalibrationPoint(60, [60.1])], 4.0);

        self::assertLessThan(0.3, abs($point->meanDeviation()));
        self::assertSame(['At 100 one reading deviates by +4.28 %; ±4.00 % is permissible, by simple acceptance.'], $result->faults());
        self::assertFalse($result->conforms());
    }

    public function test_a_guard_band_draws_the_limits_in_and_one_that_eats_them_is_refused(): void
    {
        $near = [new CalibrationPoint(100, [96.8])];   // +3.306 %
        self::assertTrue((new CalibrationResult($near, 4.0, 1.0))->conforms());
        self::assertFalse((new CalibrationResult($near, 4.0, 1.0, DecisionRule::GuardedByU))->conforms());
        self::assertFalse((new CalibrationResult($near, 4.0, 1.0, DecisionRule::Conformity95))->conforms());
        $this->expectException(InvalidArgumentException::class);
        new CalibrationResult($near, 4.0, 4.5, DecisionRule::GuardedByU);
    }

    public function test_repeatability_is_the_largest_relative_spread_of_a_point(): void
    {
        $result = new CalibrationResult([new CalibrationPoint(20, [20.0, 20.0]), new CalibrationPoint(100, [99.0, 101.0])], 4.0);

        self::assertEqualsWithDelta(sqrt(2), $result->repeatability(), 1e-9);
    }

    public function test_a_budget_says_how_sure_it_is_of_itself(): void
    {
        $budget = new UncertaintyBudget([UncertaintyComponent::rectangular('a', 1.0), UncertaintyComponent::triangular('b', 1.0), UncertaintyComponent::observed('c', 0.2, 4, 0.5)]);

        self::assertEqualsWithDelta(sqrt(1 / 3 + 1 / 6 + 0.01), $budget->combined(), 1e-12);
        self::assertGreaterThan(1000, $budget->effectiveFreedom());
        self::assertEqualsWithDelta(2 * $budget->combined(), $budget->expandedByFreedom(), 0.01);
        self::assertGreaterThan($budget->expanded(), (new UncertaintyBudget([UncertaintyComponent::observed('c', 1.0, 4)]))->expandedByFreedom());
        self::assertTrue(is_infinite((new UncertaintyBudget([UncertaintyComponent::rectangular('a', 1.0)]))->effectiveFreedom()));
    }

    public function test_what_a_deviating_wrench_gave_is_what_it_showed_divided_by_one_plus_its_deviation(): void
    {
        $back = LookBack::ofPoints([new CalibrationPoint(20, [20 / 1.05]), new CalibrationPoint(100, [100 / 1.01])], 0.5);

        self::assertEqualsWithDelta(5.0, $back->deviation(10), 1e-9);
        self::assertEqualsWithDelta(3.0, $back->deviation(60), 1e-9);
        self::assertEqualsWithDelta(1.0, $back->deviation(150), 1e-9);
        self::assertEqualsWithDelta(60 / 1.03, $back->trueValue(60), 1e-9);
    }

    public function test_results_are_in_out_or_in_doubt_where_the_calibration_cannot_tell(): void
    {
        $back = LookBack::ofPoints([new CalibrationPoint(32, [32 / 1.08])], 1.0);
        $window = new Window(Written::fromCode('30', 'N.m'), Written::fromCode('34', 'N.m'));
        $judge = fn (string $shown): LookBackVerdict => $back->judge(Written::fromCode($shown, 'N.m'), $window);

        self::assertSame(LookBackVerdict::In, $judge('34'));        // 31.5 true
        self::assertSame(LookBackVerdict::InDoubt, $judge('32.5')); // 30.09 true, ±0.3
        self::assertSame(LookBackVerdict::InDoubt, $judge('32.2')); // 29.81 true
        self::assertSame(LookBackVerdict::Out, $judge('31'));       // 28.7 true
        $this->expectException(InvalidArgumentException::class);
        $back->judge(Written::fromCode('47', 'deg'), $window);
    }

    public function test_doubt_runs_back_to_the_last_check_that_could_have_seen_it(): void
    {
        $checks = [[Day::of('2026-01-10'), 0.5, true], [Day::of('2026-03-01'), 8.0, true], [Day::of('2026-02-01'), 2.0, true], [Day::of('2026-03-05'), 0.5, false]];

        self::assertSame('2026-02-01', LookBack::doubtSince($checks, -3.0)?->date, 'the check of March sees 8 % only');
        self::assertSame('2026-03-01', LookBack::doubtSince($checks, 9.0)?->date);
        self::assertSame('2026-03-01', LookBack::doubtSince($checks, 8.0)?->date, 'what it sees just so it sees');
        self::assertNull(LookBack::doubtSince($checks, 0.1));
    }

    public function test_a_wrong_wrench_moves_only_the_start_of_an_angle(): void
    {
        [$degrees, $clamp] = (new Clamping(1.5, 240_000, 600_000))->thresholdShift(19.0, 20.0, 1.5);

        self::assertEqualsWithDelta(2 / 3, $degrees, 1e-9);
        self::assertLessThan(0.5, $clamp->kilonewtons());
    }

    public function test_drift_says_when_its_band_meets_the_limit_and_needs_three_calibrations(): void
    {
        $drift = new Drift([[[Day::of('2024-01-01'), 0.0], [Day::of('2024-07-01'), 0.52], [Day::of('2025-01-01'), 0.98], [Day::of('2025-07-01'), 1.51]]]);

        self::assertEqualsWithDelta(1.0, $drift->perYear(), 0.02);
        self::assertGreaterThan('2027-01-01', $drift->meets(4.0)->date ?? '');
        self::assertNull((new Drift([[[Day::of('2024-01-01'), 0.0], [Day::of('2024-07-01'), 0.0], [Day::of('2025-01-01'), 0.0]]]))->meets(4.0));
        $this->expectException(TooFew::class);
        new Drift([[[Day::of('2024-01-01'), 0.0], [Day::of('2024-07-01'), 0.5]]]);
    }

    public function test_an_angle_trial_chooses_the_mark_of_the_gauge_at_which_most_bolts_lie_inside(): void
    {
        $trial = new AngleTrial([30, 35, 40, 45, 50, 55, 60, 65, 70, 75], [71, 84, 94, 108, 118, 133, 143, 157, 166, 180], new Interval(140, 160));

        self::assertEqualsWithDelta(62.7, $trial->middle(), 0.1);
        self::assertSame(60.0, $trial->choose(10));
        self::assertGreaterThan(0.999, $trial->shareInside(63));
        self::assertLessThan(0.1, $trial->shareInside(55));
    }

    public function test_an_adapter_that_reaches_back_to_the_hand_and_one_without_length_are_refused(): void
    {
        self::assertSame(100.0, Adapter::inLine()->setting(100, 400));
        foreach ([fn (): Adapter => Adapter::crowFoot(0, 0), fn (): Adapter => Adapter::crowFoot(50, 200), fn (): float => Adapter::crowFoot(400, 180)->setting(100, 400)] as $wrong) {
            try {
                $wrong();
                self::fail('It was accepted.');
            } catch (InvalidArgumentException $e) {
                self::assertStringContainsString('wanted', $e->getMessage());
            }
        }
    }

    public function test_an_instrument_with_limits_of_its_own_conforms_reading_by_reading(): void
    {
        $inch = fn (string $d): Written => Written::fromCode($d, 'in');
        $point = fn (string ...$shown): InstrumentPoint => new InstrumentPoint($inch('0.0500'), $inch('0.0002'), array_map($inch, $shown ?: ['0']));

        self::assertTrue($point('0.0502', '0.0498')->conforms(), 'the limit itself is good');
        self::assertFalse($point('0.0500', '0.0503')->conforms());
    }

    public function test_feelers_say_between_which_a_gap_lies_and_how_far_a_part_stands_askew(): void
    {
        $mm = fn (string $d): Length => Length::millimetres($d);
        self::assertSame(['0.05', '0.30'], array_map(fn (Length $l): string => (string) $l->inBase(), MeasuredChecks::feelers($mm('0.05'), $mm('0.30'))));
        self::assertSame('0.03', (string) MeasuredChecks::askew($mm('0.12'), $mm('0.15'))->inBase());
        $this->expectExceptionMessage('A feeler of 0.40 mm cannot enter where one of 0.30 mm does not');
        MeasuredChecks::feelers($mm('0.40'), $mm('0.30'));
    }

    public function test_measured_checks_are_exact_decimals(): void
    {
        $mm = fn (string $d): Length => Length::millimetres($d);

        self::assertSame('0.030', (string) MeasuredChecks::oilClearance($mm('57.650'), $mm('1.810'), $mm('54.000'))->inBase());
        self::assertSame('0.15', (string) MeasuredChecks::endPlay($mm('0.20'), $mm('0.05'))->inBase());
        self::assertSame('0.06', (string) MeasuredChecks::runOut([$mm('0.02'), $mm('0.07'), $mm('0.01')])->inBase());
        self::assertSame('1.5', MeasuredChecks::change(Written::fromCode('5', 'N.m'), Written::fromCode('3.5', 'N.m'))->digits);
        self::assertSame(36.0, Clamping::leastMovement(0.15, 1.5));
        $this->expectExceptionMessage('0.010 mm');
        MeasuredChecks::oilClearance($mm('57.610'), $mm('1.810'), $mm('54.000'));
    }

    public function test_a_small_tool_of_any_class_has_six_percent_and_a_larger_one_what_its_class_says(): void
    {
        foreach (WrenchClass::cases() as $class) {
            self::assertSame(6.0, $class->permissibleDeviation(10.0), $class->words());
        }
        self::assertSame([4.0, 6.0], [WrenchClass::IIA->permissibleDeviation(200), WrenchClass::IID->permissibleDeviation(200)]);
    }

    public function test_a_reading_out_by_twelve_ten_or_the_other_scale_is_suspected(): void
    {
        $window = new Window(Written::fromCode('30', 'N.m'), Written::fromCode('34', 'N.m'));
        $suspects = fn (string $d): ?ReadingSlip => ReadingSlip::suspected(Written::fromCode($d, 'N.m'), $window);

        self::assertSame([null, ReadingSlip::DecimalLost, ReadingSlip::DecimalGained, ReadingSlip::PoundForNewton, ReadingSlip::NewtonForPound, ReadingSlip::InchForFoot, ReadingSlip::FootForInch, null], array_map($suspects, ['32', '320', '3.2', '24', '43.4', '384', '2.67', '28']));
        self::assertStringContainsString('decimal mark', ReadingSlip::DecimalLost->question(Written::fromCode('320', 'N.m')));
    }
}
