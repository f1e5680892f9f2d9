<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\AcceptanceException;
use Tekkal\Core\Acceptance\Conformity;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\CoreException;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Tool\Adapter;
use Tekkal\Core\Tool\AngleTrial;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\CalibrationResult;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\InstrumentPoint;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\LookBackVerdict;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\UncertaintyBudget;
use Tekkal\Core\Tool\UncertaintyComponent;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** A limit is a limit, and nonsense has no answer. Arithmetic that anybody can do on paper, unless a test names a source. */
final class LimitsTest extends TestCase
{
    /** aₛ = 100 (Xa − Xr)/Xr is exactly 4 where Xa = 1.04 Xr: 800 cases, none of which may fail by the digits of a float. */
    public function test_a_deviation_of_exactly_as_much_as_is_permissible_conforms_and_a_digit_more_does_not(): void
    {
        $wrong = [];
        foreach (range(1, 400) as $tenths) {
            $reference = BigDecimal::ofUnscaledValue($tenths, 1);
            foreach (['1.04', '0.96'] as $factor) {
                $shown = $reference->multipliedBy($factor);
                $wrong[] = (new CalibrationPoint($shown, [$reference]))->conforms('4') ? null : "$shown at $reference";
                $beyond = $factor === '1.04' ? $shown->plus('0.00001') : $shown->minus('0.00001');
                $wrong[] = (new CalibrationPoint($beyond, [$reference]))->conforms('4.00') ? "$beyond at $reference" : null;
            }
        }

        self::assertSame([], array_filter($wrong));
    }

    public function test_what_is_written_as_a_float_counts_as_it_is_written(): void
    {
        self::assertTrue((new CalibrationPoint(10.4, [10.0]))->conforms(4.0));
        self::assertTrue((new CalibrationPoint(62.4, [60.0, 60.0]))->conforms('4'));
        self::assertFalse((new CalibrationPoint(62.41, [60.0]))->conforms('4'));
    }

    public function test_the_limits_are_drawn_in_exactly_and_never_widened(): void
    {
        $point = new CalibrationPoint('103', ['100']);
        self::assertTrue((new CalibrationResult([$point], '4', '1', DecisionRule::GuardedByU))->conforms(), '4 − 1 is the limit itself');
        self::assertFalse((new CalibrationResult([new CalibrationPoint('103.01', ['100'])], '4', '1', DecisionRule::GuardedByU))->conforms());
        self::assertSame([0.0, 2.0], [DecisionRule::Simple->guard(2.0), DecisionRule::GuardedByU->guard(2.0)]);
        self::assertEqualsWithDelta(1.6448536269514722, DecisionRule::Conformity95->guard(2.0), 1e-15, 'the 95 % quantile of the normal distribution times u = U/2 (JCGM 106)');
        self::assertEquals(new Interval(-3.0, 3.0), DecisionRule::GuardedByU->acceptance(new Interval(-4.0, 4.0), 1.0));
        self::assertNull(DecisionRule::GuardedByU->acceptance(new Interval(-4.0, 4.0), 4.1));
    }

    /** @param  callable(): mixed  $ask */
    #[DataProvider('nonsense')]
    public function test_nonsense_has_no_answer_and_the_refusal_says_what_is_wanted(callable $ask, string $says): void
    {
        try {
            $ask();
            self::fail('There was an answer.');
        } catch (CoreException $e) {
            self::assertStringContainsString($says, $e->getMessage());
            self::assertNotSame(['', ''], [$e->what, $e->limit]);
        }
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function nonsense(): iterable
    {
        $point = new CalibrationPoint('100', ['100']);
        $nm = fn (string $d): Written => Written::fromCode($d, 'N.m');
        yield 'a calibration without points' => [fn () => new CalibrationResult([], '4'), 'At least one of the points of a calibration is wanted'];
        yield 'a point without readings' => [fn () => new CalibrationPoint('100', []), 'At least one of the reference readings'];
        yield 'a reference reading of nothing' => [fn () => new CalibrationPoint('100', ['0']), 'above 0 is wanted, not 0'];
        yield 'a reading that is no number' => [fn () => new CalibrationPoint(NAN, ['1']), 'no number at all'];
        yield 'an uncertainty below nothing' => [fn () => new CalibrationResult([$point], '4', '-2'), 'at least 0 is wanted, not -2'];
        yield 'the same of a guard band' => [fn () => DecisionRule::GuardedByU->guard(-2.0), 'at least 0'];
        yield 'a permissible deviation of nothing' => [fn () => new CalibrationResult([$point], '0'), 'above 0'];
        yield 'an uncertainty that leaves nothing' => [fn () => new CalibrationResult([$point], '4', '4.5', DecisionRule::GuardedByU), 'leaves nothing of ±4 %'];
        yield 'a point above the largest torque' => [fn () => new CalibrationResult([$point], '4', '0', DecisionRule::Simple, '99'), 'lies above the largest torque of the tool, 99'];
        yield 'limits of a shown value of nothing' => [fn () => CalibrationPoint::referenceLimits(0.0, 4.0), 'above 0'];
        yield 'a scale that begins above its end' => [fn () => CalibrationPoint::wanted('100', '100'), 'The lower of the ends of the scale'];
        yield 'a budget of nothing' => [fn () => new UncertaintyBudget([]), 'At least one of the components'];
        yield 'a negative component' => [fn () => UncertaintyComponent::rectangular('w_r', -0.1), 'The uncertainty w_r: at least 0'];
        yield 'a coverage factor of nothing' => [fn () => UncertaintyComponent::expanded('w_md', 1.0, 0.0), 'The divisor of w_md'];
        yield 'no degrees of freedom' => [fn () => UncertaintyComponent::observed('w_re', 1.0, 0.0), 'The degrees of freedom of w_re'];
        yield 'an adapter at no angle' => [fn () => Adapter::crowFoot(50.0, NAN), 'an angle from 0 to 180°'];
        yield 'a wrench without length' => [fn () => Adapter::crowFoot(50.0, 0.0)->setting(100.0, 0.0), 'The length of the wrench: above 0'];
        yield 'a setting that is no number' => [fn () => Adapter::inLine()->setting(NAN, 400.0), 'The torque'];
        yield 'a look-back without points' => [fn () => LookBack::ofPoints([], 1.0), 'At least one of the points'];
        yield 'a look-back with two deviations for one value' => [fn () => LookBack::ofPoints([$point, new CalibrationPoint('100', ['99'])], 1.0), 'the same shown value'];
        yield 'a look-back at nothing' => [fn () => (LookBack::ofPoints([$point], 1.0))->trueValue(0.0), 'The value shown'];
        yield 'a look-back of another kind' => [fn () => (LookBack::ofPoints([$point], 1.0))->judge(Written::fromCode('90', 'deg'), new Window($nm('1'), null)), 'cannot be held against'];
        yield 'a class without a size' => [fn () => WrenchClass::IIA->permissibleDeviation(0.0), 'The largest torque'];
        yield 'a gauge without graduation' => [fn () => (new AngleTrial([1.0, 2.0, 3.0], [1.0, 2.0, 3.1], new Interval(1.0, 2.0)))->choose(0.0), 'The graduation'];
        yield 'a range that falls' => [fn () => new ToolRange($nm('100'), $nm('20')), 'from its least value up'];
        yield 'an instrument that showed nothing' => [fn () => new InstrumentPoint($nm('1'), $nm('0.1'), []), 'At least one of the readings'];
        yield 'an instrument of another kind' => [fn () => new InstrumentPoint($nm('1'), $nm('0.1'), [Written::fromCode('1', 'mm')]), 'does not measure what the reference'];
        yield 'no months' => [fn () => Day::of('2026-01-31')->plusMonths(0), 'The months: 1 to 600'];
        yield 'a probability without uncertainty' => [fn () => Conformity::probability(1.0, 0.0, null, 2.0), 'above 0'];
        yield 'a probability without limits' => [fn () => Conformity::probability(1.0, 0.1, null, null), 'At least one of the limits'];
        yield 'limits the wrong way round' => [fn () => Conformity::probability(1.0, 0.1, 2.0, 1.0), 'The lower of the limits must lie below'];
        yield 'risks of no spread' => [fn () => Conformity::risks(4.0, 4.0, 0.0, 1.0), 'above 0'];
    }

    public function test_a_refusal_of_the_acceptance_is_one_of_its_own(): void
    {
        $this->expectException(AcceptanceException::class);
        DecisionRule::Simple->guard(NAN);
    }

    /** ISO 6789-1:2017 and 6789-2:2017 (from memory): 20, 60 and 100 % of the largest; where the least is stated, there. */
    public function test_a_wrench_is_calibrated_at_twenty_sixty_and_a_hundred_percent(): void
    {
        $points = fn (string $largest, ?string $least = null): array => array_map(fn (BigDecimal $p): string => (string) $p->stripTrailingZeros(), CalibrationPoint::wanted($largest, $least));

        self::assertSame(['40', '120', '200'], $points('200'));
        self::assertSame(['60', '120', '200'], $points('200', '60'));
        self::assertSame(['10', '120', '200'], $points('200', '10'), 'as its maker states it');
    }

    /** The calendar's own rule: the same day of the month, or its last. */
    #[DataProvider('dues')]
    public function test_a_calibration_is_due_on_the_same_day_of_the_month_or_its_last(string $on, int $months, string $due): void
    {
        self::assertSame($due, Day::of($on)->plusMonths($months)->date);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function dues(): iterable
    {
        yield 'the last of August and six months' => ['2026-08-31', 6, '2027-02-28'];
        yield 'into a leap year' => ['2027-08-31', 6, '2028-02-29'];
        yield 'a whole year' => ['2026-03-15', 12, '2027-03-15'];
        yield 'the leap day and a year' => ['2028-02-29', 12, '2029-02-28'];
        yield 'one month from a long one' => ['2026-01-31', 1, '2026-02-28'];
        yield 'into December' => ['2026-11-30', 1, '2026-12-30'];
        yield 'over the end of the year' => ['2026-12-31', 2, '2027-02-28'];
    }

    /** A wrench that shows 5 % too much at 20 and 1 % too much at 100: what it showed is worth less, by division and not by taking away. */
    public function test_a_look_back_divides_by_what_was_found_and_interpolates_between_the_points(): void
    {
        $back = LookBack::ofPoints([new CalibrationPoint('21', ['20']), new CalibrationPoint('101', ['100'])], 0.5);

        self::assertEqualsWithDelta(20.0, $back->trueValue(21.0), 1e-12);
        self::assertEqualsWithDelta(100.0, $back->trueValue(101.0), 1e-12);
        self::assertEqualsWithDelta(3.0, $back->deviation(61.0), 1e-12, 'half way between 5 and 1 %');
        self::assertEqualsWithDelta(61 / 1.03, $back->trueValue(61.0), 1e-12);
        self::assertEqualsWithDelta(5.0, $back->deviation(5.0), 1e-12, 'below the first point the first holds');
        self::assertEqualsWithDelta(1.0, $back->deviation(200.0), 1e-12);
    }

    #[DataProvider('looksBack')]
    public function test_a_result_nearer_to_a_limit_than_the_uncertainty_is_in_doubt(string $shown, LookBackVerdict $verdict): void
    {
        $back = LookBack::ofPoints([new CalibrationPoint('100', ['100'])], 1.0);

        self::assertSame($verdict, $back->judge(Written::fromCode($shown, 'N.m'), new Window(Written::fromCode('90', 'N.m'), Written::fromCode('110', 'N.m'))));
    }

    /** A limit is a limit: at exactly the uncertainty from it a result is still in, or still in doubt. A window may be open at one end. */
    #[DataProvider('atTheLimit')]
    public function test_a_result_at_exactly_the_uncertainty_from_a_limit(?string $low, ?string $high, LookBackVerdict $verdict): void
    {
        $back = LookBack::ofPoints([new CalibrationPoint('100', ['100'])], 2.0);
        $newtonMetres = fn (?string $value): ?Written => $value === null ? null : Written::fromCode($value, 'N.m');

        self::assertSame($verdict, $back->judge(Written::fromCode('100', 'N.m'), new Window($newtonMetres($low), $newtonMetres($high))));
    }

    /** @return iterable<string, array{string|null, string|null, LookBackVerdict}> the value is 100, 2 % of it are 2 */
    public static function atTheLimit(): iterable
    {
        yield 'above the lower limit by it' => ['98', null, LookBackVerdict::In];
        yield 'nearer' => ['99', null, LookBackVerdict::InDoubt];
        yield 'below the lower limit by it' => ['102', null, LookBackVerdict::InDoubt];
        yield 'farther below' => ['103', null, LookBackVerdict::Out];
        yield 'below the upper limit by it' => [null, '102', LookBackVerdict::In];
        yield 'nearer to that' => [null, '101', LookBackVerdict::InDoubt];
        yield 'above the upper limit by it' => [null, '98', LookBackVerdict::InDoubt];
        yield 'farther above' => [null, '97', LookBackVerdict::Out];
    }

    /** @return iterable<string, array{string, LookBackVerdict}> 1 % of the value: 90.9 is 1 % above 90, 89.1 some 1 % below */
    public static function looksBack(): iterable
    {
        yield 'well inside' => ['100', LookBackVerdict::In];
        yield 'just inside the lower limit' => ['90.5', LookBackVerdict::InDoubt];
        yield 'just outside it' => ['89.5', LookBackVerdict::InDoubt];
        yield 'well below' => ['88', LookBackVerdict::Out];
        yield 'just inside the upper limit' => ['109.5', LookBackVerdict::InDoubt];
        yield 'just outside that' => ['110.5', LookBackVerdict::InDoubt];
        yield 'well above' => ['112', LookBackVerdict::Out];
    }

    /**
     * Made-up inputs run through R 4.2.2 (integrate), labelled so: limit, acceptance, spread, u.
     *
     * @param  array{float, float}  $expected
     */
    #[DataProvider('risks')]
    public function test_risks_are_right_however_small_the_uncertainty_is_beside_the_spread(float $acceptance, float $u, array $expected): void
    {
        $risks = array_values(Conformity::risks(4.0, $acceptance, 2.0, $u));

        self::assertEqualsWithDelta(1.0, $risks[0] / $expected[0], 1e-7);
        self::assertEqualsWithDelta(1.0, $risks[1] / $expected[1], 1e-7);
    }

    /** @return iterable<string, array{float, float, array{float, float}}> */
    public static function risks(): iterable
    {
        yield 'u a two-thousandth of the spread' => [4.0, 0.001, [2.15257869442e-05, 2.15527824291e-05]];
        yield 'u a two-hundredth' => [4.0, 0.01, [2.14048395195e-04, 2.16747960392e-04]];
        yield 'drawn in' => [3.5, 0.2, [2.03995169383e-05, 3.61484994253e-02]];
    }
}
