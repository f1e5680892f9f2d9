<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Tool\BudgetSource;
use Tekkal\Core\Tool\CalibrationTerms;
use Tekkal\Core\Tool\FittedAdapter;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Tool\PassFinding;
use Tekkal\Core\Tool\Permissible;
use Tekkal\Core\Tool\PointFinding;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Tool\StandardUncertainty;
use Tekkal\Core\Tool\TemplateLine;
use Tekkal\Core\Tool\ToolException;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Unit\Written;

/** Deviations and budget after ISO 6789 (from memory), the arithmetic of JCGM 100:2008; what each case rests on is said beside it. */
final class CalibrationPassTest extends TestCase
{
    /** core/reference/values.json, e.budget.60, e.budget.100, e.as.readings100: computed with R 4.2.2 and a second implementation. */
    public function test_a_worked_calibration_comes_out_to_the_last_printed_digit(): void
    {
        $found = new PassFinding([
            self::at('100 N.m', '100.9', '100.4', '101.3', '100.7', '101.0'),
            self::at('20 N.m', '20.22', '20.15', '20.31', '20.18', '20.26'),
            self::at('60 N.m', '60.45', '60.21', '60.62', '60.38', '60.5'),
        ], self::worked());
        [, $sixty, $hundred] = $found->points;

        self::assertSame(
            ['w_md' => '0.100000000000', 'w_r' => '0.238842942973', 'w_rep' => '0.199834448394', 'w_od' => '0.128465002539', 'w_int' => '0.114191113368', 'w_l' => '0.142738891710', 'w_re' => '0.112401427705'],
            self::digits($sixty->lines),
        );
        self::assertSame('0.823483084416', sprintf('%.12f', $sixty->expanded));
        self::assertSame('0.755107602613', sprintf('%.12f', $hundred->expanded));
        self::assertEqualsWithDelta([-0.891972249752235, -0.398406374501998, -1.28331688055281, -0.69513406156902, -0.99009900990099], $hundred->deviations, 1e-12);
        self::assertEqualsWithDelta(-0.851785715255411, $hundred->mean, 1e-12);
        self::assertTrue($found->isGood());
    }

    /** ISO 6789-1:2017: 100 set and 96 delivered is +4.17 %, which ±4 % does not allow, whatever the mean. */
    public function test_every_single_reading_must_conform_and_the_sentence_says_what_the_wrench_gives(): void
    {
        $found = new PassFinding([self::at('100 N.m', '96', '100', '101', '101', '102'), self::at('20 N.m', '20.9')], self::terms());

        self::assertFalse($found->isGood());
        self::assertSame([false, true, true, true, true], $found->points[1]->conforms);
        self::assertSame(["at 20\u{A0}N·m it gives up to 4.3\u{A0}% too much", "at 100\u{A0}N·m it gives up to 4.2\u{A0}% too little"], $found->faults());
        self::assertEqualsWithDelta(-4.306, $found->worst(), 0.001);
    }

    public function test_what_deviates_by_just_as_much_as_is_permissible_conforms(): void
    {
        self::assertTrue((new PassFinding([self::at('104 N.m', '100')], self::terms()))->isGood());
        self::assertFalse((new PassFinding([self::at('104.1 N.m', '100')], self::terms()))->isGood());
        $gauge = self::gauge();
        self::assertTrue((new PassFinding([self::at('5 mm', '5.02')], $gauge))->isGood());
        self::assertFalse((new PassFinding([self::at('5 mm', '5.021')], $gauge))->isGood());
        self::assertTrue((new PassFinding([self::at('0 mm', '0')], $gauge))->isGood(), 'a dial is read at zero too');
    }

    public function test_an_instrument_is_judged_in_its_own_unit(): void
    {
        $found = new PassFinding([self::at('5 mm', '5.03', '5.01')], self::gauge());

        self::assertSame(["at 5\u{A0}mm it shows up to 0.030\u{A0}mm too much"], $found->faults());
        self::assertEqualsWithDelta(0.01, $found->points[0]->deviations[1], 1e-12);
        // 0.001 mm expanded at k = 2, and half a step of 0.01 mm: 2 √(0.0005² + (0.005/√3)²)
        self::assertEqualsWithDelta(2 * hypot(0.0005, 0.005 / sqrt(3)), $found->points[0]->expanded, 1e-12);
    }

    /** JCGM 106:2012: a guard band draws the limits in, and what lies between is nearer than the calibration can tell. */
    public function test_a_rule_that_keeps_a_guard_band_turns_down_what_simple_acceptance_takes_and_that_says_how_near_it_is(): void
    {
        $near = [self::at('100 N.m', '96.8')]; // +3.306 %
        $simple = new PassFinding($near, self::terms(standard: '1.6 %'));

        self::assertTrue($simple->isGood());
        self::assertSame(["100\u{A0}N·m"], $simple->near());
        self::assertFalse((new PassFinding($near, self::terms(DecisionRule::GuardedByU, '1.6 %')))->isGood());
        $this->expectExceptionMessage('leaves nothing of ±4');
        new PassFinding($near, self::terms(DecisionRule::GuardedByU, '9 %'));
    }

    public function test_one_reading_does_not_repeat_itself_and_no_standard_adds_nothing(): void
    {
        $lines = (new PassFinding([self::at('100 N.m', '100')], self::worked(standard: null)))->points[0]->lines;

        self::assertSame(['w_r', 'w_rep', 'w_od', 'w_int', 'w_l'], array_column($lines, 'name'));
    }

    /** JCGM 106:2012, 8.3.2, from memory (guard band w = U): at ±4 % and U = 0.5 % what deviates by more than 3.5 % is not accepted, and so is seen. */
    public function test_a_calibration_sees_what_lies_beyond_its_limits_drawn_in_by_its_rule(): void
    {
        self::assertSame(4.0, (new PassFinding([self::at('100 N.m', '100')], self::terms(standard: '0.5 %')))->sees());
        self::assertEqualsWithDelta(3.5, (new PassFinding([self::at('100 N.m', '100'), self::at('20 N.m', '20')], self::terms(DecisionRule::GuardedByU, '0.5 %')))->sees(), 1e-9);
        self::assertFalse((new PassFinding([self::at('100 N.m', '96.5')], self::terms(DecisionRule::GuardedByU, '0.5 %')))->isGood(), '3.63 %');
    }

    /** Fact of the trade (common practice, no source): a wrench pulled the other way round is another wrench. */
    public function test_each_direction_has_its_own_points_and_is_told_by_its_name(): void
    {
        $pass = new PassFinding([self::turned('100 N.m', '93'), self::turned('20 N.m', '20'), self::at('100 N.m', '100'), self::at('20 N.m', '20')], self::terms());

        self::assertSame(['20 N·m', '100 N·m', '20 N·m anticlockwise', '100 N·m anticlockwise'], str_replace("\u{A0}", ' ', array_map(fn (PointFinding $p): string => $p->read->words(), $pass->points)));
        self::assertSame(["at 100\u{A0}N·m anticlockwise it gives up to 7.5\u{A0}% too little"], $pass->faults());
        self::assertCount(2, $pass->in('clockwise'));
        self::assertCount(1, (new PassFinding([self::turned('20 N.m', '20')], self::terms()))->in('clockwise'), 'never read in that one: what was read is all there is');
        self::assertEqualsWithDelta(100.0, LookBack::ofPass($pass, self::terms())->trueValue(100.0), 1e-9, 'work is pulled clockwise');
        self::assertEqualsWithDelta(93.0, LookBack::ofPass($pass, self::terms(), direction: 'anticlockwise')->trueValue(100.0), 1e-9);
    }

    /** T L/(L + E) (FAA AC 43.13-1B, fig. 7-2): 50 mm straight on before 400 mm, 112.5 arrives where 100 is set; 104 set is 117. */
    public function test_with_an_adapter_the_standard_is_held_against_what_arrives_at_its_end(): void
    {
        $terms = self::terms(adapter: new FittedAdapter('AD-02', Written::coded('50 mm'), Written::coded('0 deg'), Written::coded('400 mm')));
        $pass = new PassFinding([self::at('100 N.m', '112.5', '120'), self::at('104 N.m', '112.5', '112.49')], $terms);

        self::assertEqualsWithDelta([0.0, -6.25], $pass->points[0]->deviations, 1e-9);
        self::assertSame([[true, false], [true, false]], array_column($pass->points, 'conforms'), '104 set and 112.5 read is +4 % to the digit');
        self::assertEqualsWithDelta(100 * 0.25 * 1.125 / 112.5 / sqrt(3), self::scale($terms, '112.5'), 1e-9, 'a step of the scale is as much longer');
        self::assertEqualsWithDelta(100 * 0.25 / 100 / sqrt(3), self::scale(self::terms(), '100'), 1e-9);
        self::assertTrue((new PassFinding([self::at('100 N.m', '100')], self::terms(adapter: new FittedAdapter('AD-01', Written::coded('42 mm'), Written::coded('90 deg'), Written::coded('400 mm')))))->isGood(), 'across the wrench it changes nothing');
    }

    public function test_what_cannot_be_a_calibration_of_the_tool_is_refused_with_what_why_and_limit(): void
    {
        $refused = [
            '10 N·m' => [fn () => new PassFinding([self::at('10 N.m', '10')], self::terms()), 'point', '20–200 N·m'],
            '250 N·m' => [fn () => new PassFinding([self::at('250 N.m')], self::terms()), 'point', '20–200 N·m'],
            'a foot-pound' => [fn () => new PassFinding([self::at('60 lbf.ft', '60')], self::terms()), 'point', 'N·m'],
            'another unit' => [fn () => new PointReadings(Written::coded('60 N.m'), [Written::coded('44.3 lbf.ft')]), 'reading', 'N·m'],
            'nothing' => [fn () => new PassFinding([self::at('60 N.m', '0')], self::terms()), 'reading', 'above 0'],
            'twice' => [fn () => new PassFinding([self::at('60 N.m', '60'), self::at('60.0 N.m', '60')], self::terms()), 'point', 'each once'],
            'too many' => [fn () => self::at('60 N.m', ...array_fill(0, 31, '60')), 'readings', '30'],
            'negative' => [fn () => Permissible::of('-4 %'), 'the permissible deviation in %', 'above 0'],
            'NaN' => [fn () => Permissible::of('NaN %'), 'permissible deviation', 'a number of %'],
            'much' => [fn () => Permissible::of('60 %'), 'the permissible deviation', '0 to 50 %'],
            'below nothing' => [fn () => StandardUncertainty::of('-0.2 %'), 'the uncertainty of the standard in %', 'at least 0'],
            'no number' => [fn () => StandardUncertainty::of('x %'), 'uncertainty', 'a number of %'],
            'INF' => [fn () => new TemplateLine('w', BudgetSource::Fixed, INF), 'the width of "w"', 'a finite number'],
            'a width below nothing' => [fn () => new TemplateLine('w', BudgetSource::Fixed, -0.1), 'the width of "w"', 'at least 0'],
            'an adapter on a gauge' => [fn () => new CalibrationTerms(new ToolRange(Written::coded('0 mm'), Written::coded('10 mm')), Written::coded('0.01 mm'), Permissible::of('0.02 mm'), DecisionRule::Simple, [], null, new FittedAdapter('AD-1', Written::coded('50 mm'), Written::coded('0 deg'), Written::coded('400 mm'))), 'adapter', 'none'],
            'an adapter back to the hand' => [fn () => new FittedAdapter('AD-1', Written::coded('500 mm'), Written::coded('180 deg'), Written::coded('400 mm')), 'adapter', 'a longer wrench'],
            'a wrench without a length' => [fn () => new FittedAdapter('AD-1', Written::coded('50 mm'), Written::coded('0 deg'), Written::coded('0 mm')), 'the length of the wrench', 'above 0'],
            'inches' => [fn () => new CalibrationTerms(new ToolRange(Written::coded('0 mm'), Written::coded('10 mm')), Written::coded('0.01 mm'), Permissible::of('0.001 in'), DecisionRule::Simple, [], null), 'permissible deviation', 'mm'],
        ];
        foreach ($refused as $case => [$make, $what, $limit]) {
            try {
                $make();
                self::fail("$case was taken.");
            } catch (ToolException $e) {
                self::assertSame([$what, $limit], [$e->what, str_replace("\u{A0}", ' ', $e->limit)], $case);
            }
        }
    }

    private static function at(string $nominal, string ...$readings): PointReadings
    {
        $at = Written::coded($nominal);

        return new PointReadings($at, array_values(array_map(fn (string $r): Written => Written::of($r, $at->unit), $readings)));
    }

    private static function turned(string $nominal, string $reading): PointReadings
    {
        $at = Written::coded($nominal);

        return new PointReadings($at, [Written::of($reading, $at->unit)], 'anticlockwise');
    }

    /** The standard uncertainty, in %, that half a step of 0.5 N·m brings at 100 N·m. */
    private static function scale(CalibrationTerms $terms, string $reading): float
    {
        return (new PassFinding([self::at('100 N.m', $reading)], new CalibrationTerms($terms->range, $terms->resolution, $terms->permissible, $terms->rule, [new TemplateLine('scale', BudgetSource::Resolution)], null, $terms->adapter)))->points[0]->lines[0]['standard'];
    }

    private static function terms(DecisionRule $rule = DecisionRule::Simple, ?string $standard = null, ?FittedAdapter $adapter = null): CalibrationTerms
    {
        return new CalibrationTerms(new ToolRange(Written::coded('20 N.m'), Written::coded('200 N.m')), Written::coded('0.5 N.m'), Permissible::of('4 %'), $rule, [new TemplateLine('standard', BudgetSource::Standard)], $standard === null ? null : StandardUncertainty::of($standard), $adapter);
    }

    private static function gauge(): CalibrationTerms
    {
        return new CalibrationTerms(new ToolRange(Written::coded('0 mm'), Written::coded('10 mm')), Written::coded('0.01 mm'), Permissible::of('0.02 mm'), DecisionRule::Simple, [new TemplateLine('standard', BudgetSource::Standard), new TemplateLine('scale', BudgetSource::Resolution)], StandardUncertainty::of('0.001 mm'));
    }

    private static function worked(?string $standard = '0.2 %'): CalibrationTerms
    {
        $fixed = fn (string $name, float $width): TemplateLine => new TemplateLine($name, BudgetSource::Fixed, $width, atLowest: true);

        return new CalibrationTerms(new ToolRange(Written::coded('20 N.m'), Written::coded('100 N.m')), Written::coded('0.5 N.m'), Permissible::of('4 %'), DecisionRule::Simple, [
            new TemplateLine('w_md', BudgetSource::Standard), new TemplateLine('w_r', BudgetSource::Resolution), $fixed('w_rep', 0.14), $fixed('w_od', 0.09), $fixed('w_int', 0.08), $fixed('w_l', 0.1), new TemplateLine('w_re', BudgetSource::Repeatability),
        ], $standard === null ? null : StandardUncertainty::of($standard));
    }

    /**
     * @param  list<array{name: string, source: BudgetSource, standard: float}>  $lines
     * @return array<string, string>
     */
    private static function digits(array $lines): array
    {
        return array_combine(array_column($lines, 'name'), array_map(fn (array $l): string => sprintf('%.12f', $l['standard']), $lines));
    }
}
