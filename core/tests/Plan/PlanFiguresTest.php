<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\WaitCycles;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanFigures;
use Tekkal\Core\Plan\PlanText;
use Tekkal\Core\Tests\Fixtures\Bench;

/** What a plan costs before it is begun; counts by hand from the examples' sentences, times common practice, no source. */
final class PlanFiguresTest extends TestCase
{
    public function test_a_wrench_is_asked_for_once_with_the_range_it_must_reach(): void
    {
        $tools = self::figures('04-head-two-sizes')->tools();

        self::assertSame([['torque_wrench', "11\u{A0}lbf·ft", "22\u{A0}lbf·ft", ['snug_large', 'snug_small']], ['angle_gauge', '75°', '150°', ['turn_large', 'turn_small']]], array_map(fn (array $t): array => [$t['kind'], $t['lowest'], $t['highest'], $t['stages']], $tools));
    }

    public function test_the_partner_who_holds_has_a_wrench_of_their_own(): void
    {
        $tools = self::figures('06-wheels-held')->tools();

        self::assertSame(['indicating_torque_wrench', "15\u{A0}lbf·ft", ['final']], [$tools[count($tools) - 1]['kind'], $tools[count($tools) - 1]['highest'], $tools[count($tools) - 1]['stages']]);
        self::assertCount(3, $tools);
    }

    public function test_a_stage_that_names_its_tool_gets_that_one(): void
    {
        self::assertSame('dial_gauge', self::figures('09-rod-stretch-comparator')->tools()[0]['kind']);
        self::assertSame('micrometer', self::figures('08-rod-stretch-absolute')->tools()[0]['kind']);
    }

    public function test_what_is_used_up_and_what_goes_on_the_surfaces_is_listed_once_and_dry_is_nothing(): void
    {
        self::assertSame(['thread locker', 'locker on threads'], self::figures('05-flywheel-verified')->consumables());
        self::assertSame(['plastic gauge', 'engine oil on threads', 'engine oil under head'], self::figures('11-trial-fit')->consumables());
    }

    /** Six stages' tools at 30 s and 24 steps, one repeat pass counted: 18 torques at 15 s and 6 looks at 12 s. */
    public function test_time_is_that_of_the_steps_which_are_certain_and_of_the_waiting(): void
    {
        self::assertSame(4 * 30 + 18 * 15 + 6 * 12, self::figures('05-flywheel-verified')->time()->seconds);
        self::assertSame(86_400 + 2 * 30 + 6 * 30, self::figures('15-residual-audit')->time()->seconds);
    }

    public function test_a_scope_takes_in_position_part_group_or_joint(): void
    {
        $plan = self::expanded('01-main-caps-thrust-held-back')[1];

        self::assertSame(['i1l'], $plan->positionsIn(Scope::Position, 'i1l'));
        self::assertSame(['i1l', 'i1r', 'o1l', 'o1r'], $plan->positionsIn(Scope::Part, 'i1l'));
        self::assertSame(['i1l', 'i1r', 'i3l', 'i3r'], $plan->positionsIn(Scope::Group, 'i1l'));
        self::assertCount(14, $plan->positionsIn(Scope::Joint, 'i1l'));
        self::assertSame([], $plan->positionsIn(Scope::Joint, 'nowhere'));
    }

    public function test_a_text_with_a_comma_or_a_quotation_mark_stays_one_cell(): void
    {
        [$revision, $plan] = self::expanded('07-pump-each-its-own');
        $csv = (new PlanText($revision, $plan, new PlanFigures($revision, $plan)))->csv();

        self::assertStringStartsWith("no,step,stage,kind,place,number,pass,target,window,watch\r\n1,hand:top:1,hand,seat,top,1,1,,,\r\n", $csv);
        self::assertSame(7, substr_count($csv, "\r\n"));
    }

    public function test_a_check_has_its_name_and_its_limits_in_the_plan(): void
    {
        [$revision, $plan] = self::expanded('20-checks-of-every-kind');
        $rows = (new PlanText($revision, $plan, new PlanFigures($revision, $plan)))->toArray()['steps'];
        assert(is_array($rows));
        $said = array_map(fn (array $row): string => str_replace("\u{A0}", ' ', "$row[target]: $row[window]"), array_filter($rows, fn (array $row): bool => $row['stage'] !== 'snug' && $row['window'] !== ''));

        foreach (['torque to turn the crank, bare: at most 3 N·m', 'end play: 0.08–0.30 mm', 'side clearance of the rod: 0.002 in enters, 0.012 in does not', 'torque to turn the crank: changed by at most 4 N·m', 'every head carries its marks: yes'] as $wanted) {
            self::assertContains($wanted, $said);
        }
    }

    public function test_a_missing_value_is_printed_as_that(): void
    {
        $document = Bench::document('02-rods-part-by-part');
        $document['stages'][0]['stages'][0]['targets'][0] = ['group' => 'rod', 'target' => ['missing' => 'page torn']];
        $revision = DocumentReader::read($document);
        $plan = Expander::expand($revision);
        $text = (new PlanText($revision, $plan, new PlanFigures($revision, $plan)))->text();

        self::assertStringContainsString('first:r1a:1                  value missing', $text);
        self::assertStringContainsString('Not to be approved yet. /stages/0/stages/0/targets/0/target: value missing (page torn).', $text);
    }

    public function test_circles_are_found_once_and_what_waits_for_nothing_is_none(): void
    {
        self::assertSame([], WaitCycles::in(['a' => ['b'], 'b' => ['c'], 'c' => []]));
        self::assertSame([['a', 'a']], WaitCycles::in(['a' => ['a']]));
        self::assertSame([['b', 'c', 'b']], WaitCycles::in(['a' => ['b'], 'b' => ['c'], 'c' => ['b']]));
        self::assertSame([], WaitCycles::in(['a' => ['unknown']]));
    }

    private static function figures(string $example): PlanFigures
    {
        return new PlanFigures(...self::expanded($example));
    }

    /** @return array{Revision, Plan} */
    private static function expanded(string $example): array
    {
        $revision = DocumentReader::read(Bench::document($example));

        return [$revision, Expander::expand($revision)];
    }
}
