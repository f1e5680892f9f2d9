<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Call\RackTool;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Fitness;
use Tekkal\Core\Tool\Requirement;
use Tekkal\Core\Tool\Setting;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** Facts of the trade: a wrench is used inside its range and while its calibration holds, the due day included. */
final class FitnessTest extends TestCase
{
    public function test_direction_uncertainty_and_threshold_are_reasons_of_their_own(): void
    {
        $nm = fn (string $d): Written => Written::fromCode($d, 'N.m');
        $window = new Window($nm('30'), $nm('34'));
        $history = new CalibrationHistory([new Calibration('c1', Day::of('2026-03-01'), Day::of('2026-08-31'), true)]);
        $reasons = fn (Tool $tool, Requirement $r): array => Fitness::judge($tool, $history, $r, Day::of('2026-05-01'))->reasons;
        $tool = fn (?float $uncertainty, ?string $threshold = null): Tool => new Tool('TW-1', ToolKind::TorqueWrench, new ToolRange($nm('20'), $nm('100')), $nm('0.5'), ['clockwise'], new ToolNotes($uncertainty, $threshold === null ? null : $nm($threshold)));

        self::assertSame([], $reasons($tool(2.0), new Requirement(ToolKind::TorqueWrench, $nm('32'), $window)), '0.64 N·m are a third of 2 N·m');
        self::assertStringContainsString('3 times better', $reasons($tool(2.2), new Requirement(ToolKind::TorqueWrench, $nm('32'), $window))[0]);
        self::assertSame(['TW-1 was calibrated clockwise, and this is pulled anticlockwise.'], $reasons($tool(null), new Requirement(ToolKind::TorqueWrench, $nm('32'), $window, 'anticlockwise')));
        self::assertSame(["TW-1 counts its angle from 20\u{A0}N·m; the procedure counts from 32\u{A0}N·m."], $reasons($tool(null, '20'), new Requirement(ToolKind::TorqueWrench, $nm('32'), $window, threshold: $nm('32'))));
        self::assertSame([], $reasons($tool(null, '32.0'), new Requirement(ToolKind::TorqueWrench, $nm('32'), $window, threshold: $nm('32'))));
    }

    /** Fact of the trade (common practice, no source): what was never read in a direction may not be used in it; a bench is told so as the crib knows it. */
    public function test_a_tool_that_was_read_in_no_direction_in_which_it_is_used_is_fit_for_none_beside_the_page_too(): void
    {
        $nm = fn (string $d): Written => Written::fromCode($d, 'N.m');
        foreach ([[[], 'TW-1 was not calibrated in the direction in which it may be used, and this is pulled clockwise.'], [['anticlockwise'], 'TW-1 was calibrated anticlockwise, and this is pulled clockwise.'], [['clockwise'], null], [['clockwise', 'anticlockwise'], null]] as [$directions, $sentence]) {
            $here = new RackTool('t1', 'wrench', new Tool('TW-1', ToolKind::TorqueWrench, new ToolRange($nm('20'), $nm('100')), $nm('0.5'), $directions), new CalibrationHistory([new Calibration('c1', Day::of('2026-03-01'), Day::of('2026-08-31'), true)]));
            $there = RackTool::fromBody(new Body($here->toBody()));
            self::assertEquals($here->tool, $there->tool);
            self::assertSame($sentence === null ? [] : [$sentence], Fitness::judge($there->tool, $there->history, new Requirement(ToolKind::TorqueWrench, $nm('32'), new Window($nm('30'), $nm('34'))), Day::of('2026-05-01'))->reasons);
        }
    }

    public function test_a_wrench_in_range_and_in_calibration_is_fit(): void
    {
        self::assertSame([], $this->reasons('2026-05-01'));
    }

    public function test_the_due_day_itself_still_counts(): void
    {
        self::assertSame([], $this->reasons('2026-08-31'));
    }

    public function test_the_day_after_the_due_day_it_is_out_of_calibration(): void
    {
        self::assertSame(['TW-1 is out of calibration: its calibration was due by 31 August 2026.'], $this->reasons('2026-09-01'));
    }

    public function test_before_its_first_calibration_it_had_never_been_calibrated(): void
    {
        self::assertStringContainsString('never been calibrated', $this->reasons('2026-02-27')[0]);
    }

    public function test_a_failed_calibration_takes_it_out_of_use_the_same_day(): void
    {
        $failed = new Calibration('c2', Day::of('2026-06-01'), Day::of('2026-12-01'), false);

        self::assertStringContainsString('it failed its calibration of 1 June 2026', $this->reasons('2026-06-01', calibrations: [$failed])[0]);
    }

    /** 18 N·m on a 20–100 N·m tool is not covered even if it clicks. */
    public function test_a_target_below_the_range_is_not_covered(): void
    {
        self::assertSame(["TW-1 is for 20–100\u{A0}N·m; 18\u{A0}N·m lies below that."], $this->reasons('2026-05-01', target: '18', low: '17', high: '19'));
    }

    public function test_a_target_above_the_range_is_not_covered(): void
    {
        self::assertStringContainsString('lies above that', $this->reasons('2026-05-01', target: '101', low: '95', high: '107')[0]);
    }

    public function test_the_ends_of_the_range_are_covered(): void
    {
        self::assertSame([], $this->reasons('2026-05-01', target: '20', low: '19', high: '21'));
    }

    public function test_another_kind_of_tool_is_refused_by_what_is_needed(): void
    {
        $requirement = new Requirement(ToolKind::AngleGauge, Written::fromCode('80', 'deg'), new Window(Written::fromCode('75', 'deg'), Written::fromCode('85', 'deg')));
        $fitness = Fitness::judge($this->wrench(), $this->history(), $requirement, Day::of('2026-05-01'));

        self::assertSame(['TW-1 is a torque wrench; this round needs an angle gauge.'], $fitness->reasons);
    }

    public function test_every_reason_is_given_not_only_the_first(): void
    {
        self::assertCount(2, $this->reasons('2027-05-01', target: '18', low: '17', high: '19'));
    }

    /** 32 N·m is 23.60 lbf·ft (NIST SP 811): on a scale of half pounds the nearest is 23.5, which is 31.86 N·m and inside 30–34. */
    public function test_the_number_to_reach_is_the_nearest_mark_inside_the_window(): void
    {
        $setting = Setting::nearest(Written::fromCode('32', 'N.m'), $this->window('30', '34'), Written::fromCode('0.5', 'lbf.ft'));

        self::assertSame('23.5', $setting?->digits);
    }

    /** Nearest to 7.4 is 7, outside 7.2–8.6; the next mark, 8, is inside. */
    public function test_a_nearest_mark_outside_the_window_gives_way_to_one_inside(): void
    {
        self::assertSame('8', Setting::nearest(Written::fromCode('7.4', 'N.m'), $this->window('7.2', '8.6'), Written::fromCode('1', 'N.m'))?->digits);
    }

    public function test_a_scale_without_a_mark_in_the_window_is_refused(): void
    {
        self::assertNull(Setting::nearest(Written::fromCode('7.5', 'N.m'), $this->window('7.2', '7.8'), Written::fromCode('1', 'N.m')));
        self::assertStringContainsString('none lies in', $this->reasons('2026-05-01', target: '30.5', low: '30.1', high: '30.9')[0]);
    }

    /** Midnight UTC in July is one o'clock in London, so the shop's date runs ahead of UTC's (a fact of its time zone). */
    public function test_a_day_is_the_shops_day(): void
    {
        $instant = new DateTimeImmutable('2026-07-31 23:30', new DateTimeZone('UTC'));

        self::assertSame('2026-08-01', Day::at($instant, new DateTimeZone('Europe/London'))->date);
    }

    public function test_a_day_that_does_not_exist_is_refused(): void
    {
        $this->expectExceptionMessage('2026-02-29');

        Day::of('2026-02-29');
    }

    /**
     * @param  list<Calibration>  $calibrations  beyond the first
     * @return list<string>
     */
    private function reasons(string $day, string $target = '32', string $low = '30', string $high = '34', array $calibrations = []): array
    {
        $requirement = new Requirement(ToolKind::TorqueWrench, Written::fromCode($target, 'N.m'), $this->window($low, $high));

        return Fitness::judge($this->wrench(), $this->history(...$calibrations), $requirement, Day::of($day))->reasons;
    }

    private function wrench(): Tool
    {
        return new Tool('TW-1', ToolKind::TorqueWrench, new ToolRange(Written::fromCode('20', 'N.m'), Written::fromCode('100', 'N.m')), Written::fromCode('1', 'N.m'));
    }

    private function history(Calibration ...$more): CalibrationHistory
    {
        return new CalibrationHistory([...array_values($more), new Calibration('c1', Day::of('2026-02-28'), Day::of('2026-08-31'), true)]);
    }

    private function window(string $low, string $high): Window
    {
        return new Window(Written::fromCode($low, 'N.m'), Written::fromCode($high, 'N.m'));
    }

    /** Type I indicates, type II is set (ISO 6789-1:2017, from memory): one that clicks cannot hold a torque (a fact of the trade). */
    public function test_a_partner_holds_with_a_wrench_that_shows_the_torque(): void
    {
        [$nm, $day] = [fn (string $t): Written => Written::fromCode($t, 'N.m'), Day::of('2026-03-02')];
        $tool = fn (?WrenchClass $class): Tool => new Tool('TW-1', ToolKind::TorqueWrench, new ToolRange($nm('20'), $nm('100')), $nm('1'), notes: new ToolNotes(class: $class));
        $history = new CalibrationHistory([new Calibration('c', Day::of('2026-01-01'), Day::of('2027-01-01'), true)]);
        $reasons = fn (?WrenchClass $class, bool $holds): array => Fitness::judge($tool($class), $history, new Requirement(ToolKind::TorqueWrench, $nm('30'), new Window($nm('27'), $nm('33')), holds: $holds), $day)->reasons;

        self::assertSame([[], [], []], [$reasons(WrenchClass::IB, true), $reasons(WrenchClass::IIA, false), $reasons(null, false)]);
        self::assertSame(['TW-1 only says that its setting was reached (wrench, adjustable, graduated or with display); a torque is held with one that shows it.'], $reasons(WrenchClass::IIA, true));
        self::assertSame(['Nobody has said whether TW-1 shows its torque; one that only clicks cannot hold it.'], $reasons(null, true));
        self::assertSame(['I_A', 'I_B', 'I_C', 'I_D', 'I_E'], array_map(fn (WrenchClass $c): string => $c->value, array_values(array_filter(WrenchClass::cases(), fn (WrenchClass $c): bool => $c->indicates()))));
    }
}
