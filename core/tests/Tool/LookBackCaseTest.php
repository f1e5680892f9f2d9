<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Document\JointInput;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Tool\BudgetSource;
use Tekkal\Core\Tool\CalibrationTerms;
use Tekkal\Core\Tool\ClampShift;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\LookBackVerdict;
use Tekkal\Core\Tool\PassFinding;
use Tekkal\Core\Tool\Permissible;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Tool\Rejudgement;
use Tekkal\Core\Tool\StandardUncertainty;
use Tekkal\Core\Tool\TemplateLine;
use Tekkal\Core\Tool\ToolException;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Unit\Written;

/**
 * What a tool that was found wrong did to results, and to the clamp load of the joint. Arithmetic worked by hand from the
 * definition aₛ = (Xa − Xr)/Xr (ISO 6789-1:2017, from memory); clamp by the estimate, which EstimateTest holds to VDI 2230-1.
 */
final class LookBackCaseTest extends TestCase
{
    /** 20 set and 19 read is +5.263 %, 100 set and 99 read +1.010 %; 60 lies half way: 3.137 %. */
    public function test_by_share_the_deviation_and_its_uncertainty_are_interpolated_between_the_points(): void
    {
        $back = LookBack::ofPass(new PassFinding([self::at('20 N.m', '19'), self::at('100 N.m', '99')], self::wrench()), self::wrench());

        self::assertEqualsWithDelta(3.1366, $back->deviation(60), 1e-3);
        self::assertEqualsWithDelta(60 / 1.031366, $back->trueValue(60), 1e-3);
        self::assertEqualsWithDelta(19.0, $back->trueValue(20), 1e-9, 'at the point it is what the standard read');
        self::assertEqualsWithDelta(15 / 1.0526316, $back->trueValue(15), 1e-4, 'below the lowest point that one holds');
        // Only the standard counts here: 1 % expanded at every point.
        self::assertEqualsWithDelta(0.19, $back->doubt(20), 1e-9);
    }

    /** An angle gauge that shows 3° too much at 90°: a turn of 90° was 87°. */
    public function test_by_amount_what_an_instrument_showed_too_much_is_taken_off(): void
    {
        $back = LookBack::ofPass(new PassFinding([self::at('0 deg', '0'), self::at('90 deg', '93')], self::gauge()), self::gauge());
        $again = Rejudgement::of($back, 90.0, 88.0, 92.0);

        self::assertEqualsWithDelta(87.0, $again->true ?? 0.0, 1e-9);
        self::assertSame(LookBackVerdict::Out, $again->verdict);
        self::assertEqualsWithDelta(0.75, $again->loss ?? 0.0, 1e-9, '3° of a window of 4°');
        self::assertEqualsWithDelta(45 - 1.5, $back->trueValue(45), 1e-9);
    }

    /** A standard that shows 2 % too much sets a tool 2 % weak; what the calibration found adds to it. */
    public function test_what_the_standard_was_off_adds_to_what_was_found(): void
    {
        $pass = new PassFinding([self::at('50 N.m', '50')], self::wrench());

        self::assertEqualsWithDelta(50 / 1.02, LookBack::ofPass($pass, self::wrench(), 2.0)->trueValue(50), 1e-9);
        $this->expectException(ToolException::class);
        LookBack::ofPass(new PassFinding([self::at('90 deg', '90')], self::gauge()), self::gauge(), 2.0);
    }

    public function test_a_result_about_which_nobody_can_say_anything_is_in_doubt_and_never_in(): void
    {
        foreach ([Rejudgement::of(null, 32.0, 30.0, 34.0), Rejudgement::of(self::weak(), null, 30.0, 34.0), Rejudgement::of(self::weak(), 32.0, null, null)] as $again) {
            self::assertSame([LookBackVerdict::InDoubt, null, null], [$again->verdict, $again->true, $again->loss]);
        }
    }

    public function test_a_limit_on_one_side_is_held_against_alone_and_its_loss_is_a_share_of_it(): void
    {
        $again = Rejudgement::of(self::weak(), 40.0, 38.0, null);

        self::assertSame(LookBackVerdict::InDoubt, $again->verdict, '38.1 ± 0.4 N·m');
        self::assertEqualsWithDelta((40 - 40 / 1.05) / 38, $again->loss ?? 0.0, 1e-9);
    }

    /** The clamp goes with the torque and with the angle as long as the joint is elastic: two estimates of the whole joint agree with the sum of two shifts. */
    public function test_two_tools_that_were_wrong_at_once_in_one_joint_add_up_in_its_clamp_load(): void
    {
        $shift = new ClampShift(self::joint(), 30.0, 30.0);
        $believed = (new Estimate(self::joint(), 30.0, 30.0))->nominal?->kilonewtons() ?? 0.0;
        // The wrench gave 5 % too little, the gauge turned 3° too little.
        $was = (new Estimate(self::joint(), 30.0 / 1.05, 27.0))->nominal?->kilonewtons() ?? 0.0;

        self::assertEqualsWithDelta($believed, $shift->clamp(30.0) ?? 0.0, 1e-9);
        self::assertEqualsWithDelta($was - $believed, $shift->shift(30.0 / 1.05 - 30.0, -3.0) ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(($shift->shift(30.0 / 1.05 - 30.0) ?? 0.0) + ($shift->shift(0.0, -3.0) ?? 0.0), $was - $believed, 1e-9);
        self::assertLessThan(0.0, $was - $believed);
    }

    public function test_without_an_estimate_and_past_the_proof_load_nothing_is_said_of_the_clamp(): void
    {
        self::assertNull((new ClampShift(new JointData, 30.0))->clamp(30.0));
        $turned = new ClampShift(self::joint(), 45.0, 90.0);
        self::assertNull($turned->clamp(45.0));
        self::assertNull($turned->shift(0.0, -3.0));
        self::assertNotNull($turned->shift(-1.0), 'the torque before the turn still gives what it gives');
    }

    private static function weak(): LookBack
    {
        return LookBack::ofPass(new PassFinding([self::at('42 N.m', '40')], self::wrench()), self::wrench());
    }

    private static function at(string $nominal, string ...$readings): PointReadings
    {
        $at = Written::coded($nominal);

        return new PointReadings($at, array_values(array_map(fn (string $r): Written => Written::of($r, $at->unit), $readings)));
    }

    private static function wrench(): CalibrationTerms
    {
        return new CalibrationTerms(new ToolRange(Written::coded('20 N.m'), Written::coded('100 N.m')), Written::coded('0.5 N.m'), Permissible::of('4 %'), DecisionRule::Simple, [new TemplateLine('standard', BudgetSource::Standard)], StandardUncertainty::of('1 %'));
    }

    private static function gauge(): CalibrationTerms
    {
        return new CalibrationTerms(new ToolRange(Written::coded('0 deg'), Written::coded('360 deg')), Written::coded('1 deg'), Permissible::of('2 deg'), DecisionRule::Simple, [new TemplateLine('standard', BudgetSource::Standard)], StandardUncertainty::of('0.1 deg'));
    }

    /** M10, 10.9, oiled, 60 mm of grip in steel. */
    private static function joint(): JointData
    {
        return JointInput::fastener(['thread' => 'M10', 'strength' => '10.9', 'head' => 'hex', 'geometry' => ['bearing_diameter' => '14.63 mm', 'hole_diameter' => '11 mm', 'grip_length' => '60 mm', 'members' => [['material' => 'steel']]]], 'engine oil');
    }
}
