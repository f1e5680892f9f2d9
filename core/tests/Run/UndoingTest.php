<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/** What undoing undoes: facts of the trade (common practice, no source). */
final class UndoingTest extends TestCase
{
    public function test_a_check_is_open_again_when_a_fastener_that_it_looked_at_comes_loose_and_what_waited_for_it_is_in_doubt(): void
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug', 'align', 'snug_thrust');
        $bench->does('loosened', ['positions' => ['i2l']]);

        self::assertSame(AttemptStatus::Reopened, $bench->state()->attemptsAt('align:joint:1')[0]->status);
        self::assertSame([Fault::CheckReopened], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
        self::assertSame([StepStatus::Unknown, StepStatus::Unknown], [$bench->state()->status('snug_thrust:i2r:1'), $bench->state()->status('snug_thrust:o2l:1')]);
        self::assertSame(SetAsideReason::WaitsForOther, $bench->copy()->reads('snug_thrust:i2l:1', '15 lbf·ft')->reason);

        $bench->answers('align:joint:1', true);
        self::assertSame([[], StepStatus::Done, 'snug_thrust:i2l:1'], [$bench->state()->faults, $bench->state()->status('snug_thrust:i2r:1'), $bench->next()]);
    }

    public function test_a_check_that_needs_the_one_that_is_open_again_is_open_again_too(): void
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug', 'align', 'snug_thrust', 'turn', 'sides', 'spin');
        $bench->does('final_look');
        self::assertSame([], $bench->fold->whyNotFinish());
        $bench->does('loosened', ['positions' => ['s1']]);

        self::assertSame(['sides:s1:1', 'spin:joint:1'], array_map(fn ($s): string => $s->id, $bench->state()->remaining()), 'a side bolt had nothing to do with the thrust halves');
        self::assertSame(SetAsideReason::EarlierRoundMissing, $bench->answers('spin:joint:1', true)->reason, 'the side bolt is still loose');
        $bench->does('loosened', ['positions' => ['i3l']]);
        self::assertSame(AttemptStatus::Reopened, $bench->state()->attemptsAt('align:joint:1')[0]->status);
        $bench->reads('snug:i3l:1', '15 lbf·ft');
        self::assertSame('align:joint:1', $bench->next());
    }

    public function test_a_check_before_the_first_round_looked_at_open_parts_and_stands_until_they_are_opened_again(): void
    {
        $bench = new Bench('20-checks-of-every-kind');
        $bench->reads('at_first:joint:1', '0.5 N·m');
        $bench->round('full');
        $bench->does('loosened', ['positions' => ['a']]);
        self::assertSame(StepStatus::Done, $bench->state()->status('at_first:joint:1'));
    }

    public function test_a_check_of_another_part_stands(): void
    {
        $bench = (new Bench('02-rods-part-by-part'))->round('first', 'slack', 'second', 'turn');
        foreach (['rod1', 'rod2'] as $rod) {
            $bench->answers("free:$rod:1", true, false);
        }
        $bench->does('part_moved', ['part' => 'rod2']);
        $bench->does('disposed', ['step' => $bench->state()->faults[0]->step, 'disposition' => 'rework'], 'lead');
        $bench->does('loosened', ['positions' => ['r2b', 'r2a']]);

        self::assertSame([StepStatus::Done, StepStatus::ToDo], [$bench->state()->status('free:rod1:1'), $bench->state()->status('free:rod2:1')]);
    }

    public function test_a_check_is_not_answered_before_what_it_looks_at_is_done(): void
    {
        $bench = (new Bench('02-rods-part-by-part'))->round('first', 'slack', 'second');

        self::assertSame(SetAsideReason::EarlierRoundMissing, $bench->answers('free:rod1:1', true, false)->reason);
    }

    public function test_a_settling_time_runs_again_when_what_settled_came_loose(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2', 's3')->wait(700)->round('s4');
        $bench->does('loosened', ['positions' => ['a2']]);

        self::assertSame([StepStatus::ToDo, StepStatus::ToDo], [$bench->state()->status('s1:a2:1'), $bench->state()->status('s4:joint:1')]);
    }

    public function test_a_failed_check_is_a_fault_with_a_way_on_and_the_lead_may_accept_it(): void
    {
        $bench = (new Bench('20-checks-of-every-kind'));
        $bench->reads('at_first:joint:1', '0.5 N·m');
        $bench->round('full');
        $bench->reads('c_end_play:joint:1', '9 mm');
        $fault = $bench->state()->faults[0];

        self::assertSame([Fault::CheckFailed, 'c_end_play:joint:1', 'inspect c_end_play:joint:1'], [$fault->fault, $fault->step, $bench->ways()[0]]);
        self::assertSame(SetAsideReason::WrongAnswer, $bench->does('inspected', ['at' => 'c_end_play:joint:1', 'finds' => 'sound'])->reason, 'the work is to be named');
        self::assertSame(SetAsideReason::NothingToInspect, $bench->does('inspected', ['at' => 'full:a:1', 'work' => 'adjusted'])->reason);
        $accepted = $bench->copy();
        $accepted->does('disposed', ['step' => 'c_end_play:joint:1', 'disposition' => 'use_as_is'], 'lead');
        self::assertSame([[], StepStatus::Done], [$accepted->state()->faults, $accepted->state()->status('c_end_play:joint:1')]);
        $bench->does('disposed', ['step' => 'c_end_play:joint:1', 'disposition' => 'rework'], 'lead');
        self::assertSame('step c_end_play:joint:1', $bench->ways()[0], 'the lead has said to do it again');
    }

    public function test_loosening_what_a_failed_check_looked_at_ends_its_case_and_the_check_is_asked_anew(): void
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug', 'align', 'snug_thrust', 'turn', 'sides');
        $bench->answers('spin:joint:1', false);
        $bench->does('loosened', ['positions' => ['i3l']]);

        self::assertSame([], array_values(array_filter($bench->state()->faults, fn ($f): bool => $f->fault === Fault::CheckFailed)));
        self::assertSame([StepStatus::ToDo, StepStatus::ToDo], [$bench->state()->status('spin:joint:1'), $bench->state()->status('snug:i3l:1')]);
    }

    public function test_a_settling_time_that_was_too_long_is_for_somebody_to_put_right_and_one_too_short_goes_on(): void
    {
        $most = fn (array $d): array => array_replace_recursive($d, ['stages' => [3 => ['at_most' => '20 min']]]);
        $bench = (new Bench('12-head-nine-stages', $most))->round('s1', 's2', 's3');
        $bench->wait(60)->attests('s4:joint:1');
        self::assertSame([[], 'step s4:joint:1'], [$bench->state()->faults, $bench->ways()[0]]);
        $bench->wait(1300)->attests('s4:joint:1');
        self::assertSame([Fault::CheckFailed], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
    }

    public function test_a_redo_takes_along_what_the_document_says(): void
    {
        $part = fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['redo' => 'part']]]);
        $bench = (new Bench('12-head-nine-stages', $part))->round('s1');
        $bench->reads('s2:a2:1', '60 lbf·ft');
        $bench->reads('s2:b2:1', '70 lbf·ft');
        self::assertSame(['b2', 'a2'], $bench->state()->faults[0]->positionsFor(DutyKind::Loosen), 'outside in; the others had not begun the round');

        $rods = (new Bench('02-rods-part-by-part'))->round('first', 'slack', 'second', 'turn');
        $rods->does('fastener_replaced', ['position' => 'r1a', 'lot' => 'L']);
        self::assertSame(['r1b'], $rods->state()->faults[0]->positionsFor(DutyKind::Loosen), 'the partner comes out with it');
        $rods->does('loosened', ['positions' => ['r1b']]);
        self::assertSame(['replace r1b'], $rods->ways(), 'it had been past its loading stage');
        $rods->does('fastener_replaced', ['position' => 'r1b', 'lot' => 'L']);
        self::assertSame(['first:r1a:1', StepStatus::ToDo, StepStatus::Done], [$rods->next(), $rods->state()->status('turn:r1b:1'), $rods->state()->status('turn:r2a:1')]);
    }

    public function test_a_bolt_that_was_out_starts_its_whole_sequence_again(): void
    {
        $bench = new Bench('09-rod-stretch-comparator', function (array $d): array {
            $turn = ['key' => 'half', 'kind' => 'torque', 'targets' => [['group' => 'rod', 'target' => '25 lbf·ft', 'low' => '24 lbf·ft', 'high' => '26 lbf·ft', 'target_source' => 'cp', 'window_source' => 'cp']], 'sequence' => ['a', 'b'], 'why' => 'Draws the cap down.'];
            array_unshift($d['stages'], $turn);

            return $d;
        });
        $bench->does('zeroed', ['position' => 'a']);
        $bench->does('zeroed', ['position' => 'b']);
        $bench->round('half');
        $bench->reads('pull:a:1', '0.0095 in');
        self::assertSame(Fault::OverStretched, $bench->state()->faults[0]->fault);
        $bench->does('disposed', ['step' => 'pull:a:1', 'disposition' => 'scrap'], 'lead');
        $bench->does('loosened', ['positions' => ['a']]);
        $bench->does('fastener_replaced', ['position' => 'a', 'lot' => 'L']);

        self::assertSame([StepStatus::ToDo, StepStatus::ToDo, 'half:a:1'], [$bench->state()->status('half:a:1'), $bench->state()->status('pull:a:1'), $bench->next()]);
        self::assertSame(SetAsideReason::EarlierRoundMissing, $bench->copy()->reads('pull:a:1', '0.0055 in')->reason);
    }

    public function test_a_partner_of_an_over_stretched_bolt_is_measured_again_and_not_scrapped(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        foreach (['a', 'b'] as $bolt) {
            $bench->does('free_length_measured', ['position' => $bolt, 'length' => '2.0000 in']);
        }
        $bench->reads('pull:a:1', '2.0055 in');
        $bench->reads('pull:b:1', '2.0080 in');
        $case = $bench->state()->faults[0];
        self::assertSame([['b'], ['b'], ['a']], [$case->positionsFor(DutyKind::Loosen), $case->positionsFor(DutyKind::Replace), $case->positionsFor(DutyKind::Measure)]);
        $bench->does('disposed', ['step' => 'pull:b:1', 'disposition' => 'scrap'], 'lead');
        $bench->does('fastener_replaced', ['position' => 'b', 'lot' => 'L']);
        self::assertSame(['step pull:a:1'], $bench->ways());
        $bench->reads('pull:a:1', '2.0054 in');

        self::assertSame([[], StepStatus::Done, 0, 1], [$bench->state()->faults, $bench->state()->status('pull:a:1'), $bench->state()->replaced('a'), $bench->state()->replaced('b')]);
    }

    public function test_an_insert_fitted_after_a_round_holds_the_position_and_redoes_that_round(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2');
        $bench->does('thread_repaired', ['position' => 'a2', 'kind' => 'coil']);

        self::assertSame([StepStatus::ToDo, StepStatus::ToDo, ['accept_repair a2']], [$bench->state()->status('s1:a2:1'), $bench->state()->status('s2:a2:1'), $bench->ways()]);
        self::assertSame(StepStatus::Done, $bench->state()->status('s2:b2:1'));
        $bench->does('repair_accepted', ['position' => 'a2'], 'lead');
        self::assertSame(SetAsideReason::NothingToAccept, $bench->does('repair_accepted', ['position' => 'a2'], 'lead')->reason);
        self::assertSame('s1:a2:1', $bench->next());
    }

    public function test_a_gasket_that_was_set_for_good_is_asked_for_new_once_nothing_holds_the_joint(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2');
        $all = array_map(strval(...), array_keys($bench->fold->plan->positions));
        $bench->does('loosened', ['positions' => array_slice($all, 1)]);
        self::assertSame([], array_values(array_filter($bench->ways(), fn (string $w): bool => str_starts_with($w, 'renew'))), 'one stud still holds it');
        $bench->does('loosened', ['positions' => [$all[0]]]);

        self::assertSame(['renew gasket'], $bench->ways());
        $bench->does('gasket_replaced', ['gasket' => 'gasket']);
        self::assertSame([[], 's1:a2:1'], [$bench->state()->faults, $bench->next()]);
    }

    public function test_coming_back_to_what_was_in_reach_before_is_a_step_and_so_is_going_on_again(): void
    {
        $bench = new Bench('03-rods-by-reach');
        foreach (['snug' => '30 lbf·ft', 'full' => '50 lbf·ft'] as $round => $torque) {
            foreach (['r1a', 'r1b', 'r4a', 'r4b'] as $bolt) {
                $bench->reads("$round:$bolt:1", $torque);
            }
        }
        $bench->answers('reach:inside:1', true);
        $bench->round('snug');
        self::assertSame(StepStatus::NotNeeded, $bench->state()->status('reach:outside:2'));
        $bench->does('loosened', ['positions' => ['r1a']]);

        self::assertSame(['reach:outside:2', StepStatus::ToDo], [$bench->next(), $bench->state()->status('reach:outside:2')]);
        self::assertSame(SetAsideReason::WaitsForOther, $bench->copy()->reads('snug:r1a:1', '30 lbf·ft')->reason, 'nobody reaches it');
        $bench->answers('reach:outside:2', true);
        $bench->reads('snug:r1a:1', '30 lbf·ft');
        $bench->reads('full:r1a:1', '50 lbf·ft');
        self::assertSame('reach:inside:2', $bench->next());
        $bench->answers('reach:inside:2', true);
        self::assertSame('full:r2a:1', $bench->next());
    }

    public function test_what_is_loosened_out_of_its_order_is_found(): void
    {
        $wrong = function (string ...$order): array {
            $bench = new Bench('12-head-nine-stages');
            foreach (['a2', 'b2', 'a1'] as $stud) {
                $bench->reads("s1:$stud:1", '40 lbf·ft');
            }
            $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:a1:1']);
            $bench->does('disposed', ['step' => 's1:a1:1', 'disposition' => 'rework'], 'lead');

            return self::kinds($bench->does('loosened', ['positions' => $order]));
        };

        self::assertSame([], $wrong(...$this->order()));
        self::assertContains(FindingKind::LoosenedOutOfOrder, $wrong(...array_reverse($this->order())));
    }

    public function test_a_round_is_redone_one_by_one_or_all_at_once_and_then_the_rounds_before_it_begin_again(): void
    {
        $bench = fn (): Bench => $this->wronglySet();
        $all = $bench();
        $all->does('loosened', ['positions' => $all->state()->faults[0]->positionsFor(DutyKind::Loosen)]);
        self::assertSame([StepStatus::ToDo, 's1:a2:1'], [$all->state()->status('s1:a2:1'), $all->next()], 'ten studs loosened: straight to 60 would be wrong');

        $one = $bench();
        $first = $one->state()->faults[0]->positionsFor(DutyKind::Loosen)[0];
        $one->does('loosened', ['positions' => [$first]]);
        self::assertContains("step s2:$first:1", $one->ways());
        self::assertTrue($one->reads("s2:$first:1", '60 lbf·ft')->isApplied(), 'before the next is loosened');
        foreach ($one->state()->faults[0]->positionsFor(DutyKind::Loosen) as $stud) {
            $one->does('loosened', ['positions' => [$stud]]);
            $one->reads("s2:$stud:1", '60 lbf·ft');
        }
        self::assertSame([[], StepStatus::Done, 's3:a2:1'], [$one->state()->faults, $one->state()->status('s1:a2:1'), $one->next()]);
    }

    private function wronglySet(): Bench
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2');
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's2:a2:1']);
        $bench->does('disposed', ['step' => 's2:a2:1', 'disposition' => 'rework'], 'lead');

        return $bench;
    }

    /** @return list<string> */
    private function order(): array
    {
        $bench = new Bench('12-head-nine-stages');

        return $bench->fold->steps->places->looseningOrder(['a2', 'b2', 'a1'], ['a2', 'b2', 'a1']);
    }

    /** @return list<FindingKind> */
    private static function kinds(Outcome $outcome): array
    {
        $kinds = [];
        foreach ($outcome->effects as $effect) {
            $kinds = $effect instanceof Found ? [...$kinds, $effect->kind] : $kinds;
        }

        return $kinds;
    }
}
