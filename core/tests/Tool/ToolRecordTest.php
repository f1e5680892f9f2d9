<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Tool\BudgetSource;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\CalibrationTerms;
use Tekkal\Core\Tool\FittedAdapter;
use Tekkal\Core\Tool\FormRules;
use Tekkal\Core\Tool\Permissible;
use Tekkal\Core\Tool\SendingOrder;
use Tekkal\Core\Tool\StandardUncertainty;
use Tekkal\Core\Tool\TemplateLine;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolException;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\ToolRecord;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** What the crib says of a tool, by which rules it is calibrated, which may be away together. Facts of the trade (common practice, no source) where no standard is named. */
final class ToolRecordTest extends TestCase
{
    private const GAUGE = ['code' => 'sg-1', 'name' => 'Stretch comparator', 'form' => 'stretch gauge', 'unit' => 'in', 'lowest' => '0', 'highest' => '0.05', 'resolution' => '0.0001', 'permissible' => '0.0002'];

    private const RULES = [
        'permissible' => '4 %', 'points' => ['20', '60', '100'], 'readings' => 5, 'preloads' => 3, 'months' => 12, 'cycles' => 5000, 'rule' => 'simple', 'elsewhere' => ['some' => 50, 'much' => 500], 'note' => 'from memory',
        'template' => [['name' => 'certificate', 'source' => 'standard'], ['name' => 'set up again', 'source' => 'fixed', 'width' => '0.4', 'in' => 'percent', 'at_lowest' => true]],
    ];

    public function test_what_is_typed_is_read_as_people_write_it_and_written_back_whole(): void
    {
        $record = ToolRecord::read(['directions' => 'anticlockwise and clockwise', 'place' => ' Drawer 4 '] + self::GAUGE);

        self::assertSame(['SG-1', ToolForm::StretchGauge, '0.0002 in', ['clockwise', 'anticlockwise'], 'Drawer 4'], [$record->code, $record->form, $record->permissible?->code(), $record->directions, $record->place]);
        self::assertEquals($record, ToolRecord::read($record->toFields()));
    }

    public function test_an_adapter_and_a_driver_have_no_scale_to_calibrate_and_serve_no_reading(): void
    {
        foreach ([ToolForm::Adapter, ToolForm::PoweredDriver] as $form) {
            self::assertFalse($form->isCalibrated());
            self::assertNull($form->serves());
        }
        $record = ToolRecord::read(['code' => 'AD-1', 'name' => 'Offset head', 'form' => 'adapter', 'unit' => 'mm', 'highest' => '45', 'resolution' => '1', 'length' => '60 mm', 'angle' => '0 deg']);
        self::assertSame(['45 mm', '60 mm'], [$record->range->lowest->code(), $record->length?->code()]);
        $this->expectExceptionMessage('an adapter stands at 0 to 180°');
        ToolRecord::read(['code' => 'AD-1', 'name' => 'x', 'form' => 'adapter', 'unit' => 'mm', 'highest' => '45', 'resolution' => '1', 'angle' => '190 deg']);
    }

    /** Types of ISO 6789-1:2017 (from memory): I indicates, II is set. */
    public function test_the_class_of_a_wrench_says_how_it_is_made(): void
    {
        self::assertSame([ToolForm::BeamWrench, ToolForm::DialWrench, ToolForm::ElectronicWrench, ToolForm::ClickWrench, ToolForm::Wrench], array_map(fn (?WrenchClass $c): ToolForm => ToolForm::known(ToolKind::TorqueWrench, $c), [WrenchClass::IA, WrenchClass::IB, WrenchClass::IC, WrenchClass::IIA, null]));
    }

    public function test_a_field_that_measures_something_else_is_refused_by_its_name(): void
    {
        foreach (['permissible' => ['4 %', 'an amount such as 0.01 in'], 'unit' => ['N.m', 'mm, µm, in, thou, tenths'], 'length' => ['90 deg', 'a value such as 380 mm'], 'resolution' => ['0', "above 0, at most 0.05\u{A0}in"], 'code' => ['', 'letters, digits and hyphens, at most 20']] as $field => [$value, $limit]) {
            try {
                ToolRecord::read([$field => $value] + self::GAUGE);
                self::fail("$field was taken.");
            } catch (ToolException $e) {
                self::assertSame([$field, $value, $limit], [$e->what, $e->value, $e->limit]);
            }
        }
    }

    public function test_rules_are_read_back_as_they_were_set_and_their_points_lie_on_the_scale_within_the_range(): void
    {
        $rules = FormRules::of(self::RULES);

        self::assertEquals($rules, FormRules::of($rules->toData()));
        // 20, 60 and 100 % of the largest torque, the least of the scale where it begins above (ISO 6789-1:2017, from memory).
        self::assertSame(['24', '72', '120'], array_map(fn (Written $p): string => $p->digits, $rules->pointsIn(self::range('20 N.m', '120 N.m'), Written::coded('0.5 N.m'))));
        self::assertSame(['40', '72', '120'], array_map(fn (Written $p): string => $p->digits, $rules->pointsIn(self::range('40 N.m', '120 N.m'), Written::coded('0.5 N.m'))));
        self::assertSame('0.0002 in', FormRules::of(['permissible' => '2 steps'] + self::RULES)->permissibleFor(Written::coded('0.0001 in'))->code());
        self::assertEquals(new TemplateLine('set up again', BudgetSource::Fixed, 0.4, true, true), $rules->template[1]);
    }

    public function test_a_calibration_is_read_back_from_the_record_and_comes_to_the_same(): void
    {
        $terms = new CalibrationTerms(self::range('12 N.m', '60 N.m'), Written::coded('0.1 N.m'), Permissible::of('4 %'), DecisionRule::Conformity95, FormRules::of(self::RULES)->template, StandardUncertainty::of('0.4 %'));
        $sheet = CalibrationSheet::read(['direction' => 'anticlockwise', 'as_found' => [['nominal' => '12', 'readings' => ['11.4', '11.5 N.m']]], 'adjustment' => 'adjusted', 'as_left' => [['nominal' => '12', 'readings' => ['12.01', '12.0']]], 'preloads' => 3, 'temperature' => '-0.5'], $terms);
        $again = CalibrationSheet::ofData($sheet->toData());

        self::assertEquals($sheet, $again);
        self::assertSame([false, true, '-0.5'], [$again->asFound()?->isGood(), $again->asLeft()?->isGood(), $again->temperature]);
        self::assertEquals($sheet->asFound(), $again->asFound());
    }

    public function test_a_calibration_in_both_directions_keeps_them_and_says_which_is_missing(): void
    {
        $terms = new CalibrationTerms(self::range('12 N.m', '60 N.m'), Written::coded('0.1 N.m'), Permissible::of('4 %'), DecisionRule::Simple, [], null, new FittedAdapter('AD-1', Written::coded('50 mm'), Written::coded('0 deg'), Written::coded('400 mm')));
        $points = [['nominal' => '12', 'readings' => ['13.5']], ['nominal' => '12', 'direction' => 'anticlockwise', 'readings' => ['13.4']]];
        $sheet = CalibrationSheet::read(['direction' => 'clockwise', 'as_found' => $points, 'adjustment' => 'none', 'as_left' => [], 'preloads' => 0], $terms);

        self::assertEquals($sheet, CalibrationSheet::ofData($sheet->toData()));
        self::assertSame(['clockwise', 'anticlockwise'], $sheet->directions());
        self::assertTrue($sheet->asFound()?->isGood());
        $sheet->enough(1, 1, ['clockwise', 'anticlockwise']);
        $this->expectExceptionMessage('As found: 1 point is wanted anticlockwise; 0 stand there.');
        CalibrationSheet::read(['direction' => 'clockwise', 'as_found' => [$points[0]], 'adjustment' => 'none', 'as_left' => [], 'preloads' => 0], $terms)->enough(1, 1, ['clockwise', 'anticlockwise']);
    }

    public function test_what_was_left_as_it_was_found_is_what_was_found(): void
    {
        $terms = new CalibrationTerms(self::range('12 N.m', '60 N.m'), Written::coded('0.1 N.m'), Permissible::of('4 %'), DecisionRule::Simple, [], null);
        $sheet = CalibrationSheet::read(['direction' => 'clockwise', 'as_found' => [['nominal' => '12', 'readings' => ['11.9']]], 'adjustment' => 'none', 'as_left' => [], 'preloads' => 0], $terms);

        self::assertEquals($sheet->asFound(), $sheet->asLeft());
        $this->expectExceptionMessage('As left: nothing was read.');
        CalibrationSheet::read(['direction' => 'clockwise', 'as_found' => [['nominal' => '12', 'readings' => ['11.9']]], 'adjustment' => 'repaired', 'as_left' => [], 'preloads' => 0], $terms)->enough(1, 1);
    }

    /** A shop that sends both of its wrenches for 20 to 100 N·m away stands still. */
    public function test_of_tools_that_stand_in_for_each_other_one_stays_at_home(): void
    {
        [$a, $b, $small] = [self::wrench('A', '20', '100'), self::wrench('B', '40', '120'), self::wrench('S', '2', '20')];

        self::assertEquals([['A'], ['B' => ['A']]], self::order(new SendingOrder([$a, $b], [$a, $b])));
        self::assertEquals([['A', 'B'], []], self::order(new SendingOrder([$a, $b], [$a, $b, self::wrench('C', '10', '150')])));
        self::assertEquals([['S'], []], self::order(new SendingOrder([$small], [$a, $small])), 'nothing else does its work, and waiting would not help');
        self::assertEquals([[], ['B' => ['A']]], self::order(new SendingOrder([$b], [$b], [$a])), 'A is away already');
    }

    /** @return array{list<string>, array<string, list<string>>} */
    private static function order(SendingOrder $order): array
    {
        return [$order->now, $order->wait];
    }

    private static function wrench(string $code, string $low, string $high): Tool
    {
        return new Tool($code, ToolKind::TorqueWrench, self::range("$low N.m", "$high N.m"), Written::coded('0.5 N.m'));
    }

    private static function range(string $low, string $high): ToolRange
    {
        return new ToolRange(Written::coded($low), Written::coded($high));
    }
}
