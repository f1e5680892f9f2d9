<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/** What goes wrong at a bench, and the way on from it: facts of the trade (common practice, no source). */
final class RunIncidentsTest extends TestCase
{
    public function test_a_thread_that_gave_way_is_repaired_accepted_and_gets_a_new_bolt_before_anything_else_happens_there(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', '22 lbf·ft');
        $bench->does('gave_way', ['id' => 'g', 'step' => 'snug_large:b2:1']);

        self::assertSame(['decide snug_large:b2:1', 'loosen b2'], $bench->ways());
        $bench->does('disposed', ['step' => 'snug_large:b2:1', 'disposition' => 'rework'], 'lead');
        $bench->does('loosened', ['positions' => ['b2']]);
        self::assertSame(['repair b2'], $bench->ways());
        self::assertSame(SetAsideReason::NothingToAccept, $bench->does('repair_accepted', ['position' => 'b2'], 'lead')->reason, 'nothing was repaired yet');
        $bench->does('thread_repaired', ['position' => 'b2', 'kind' => 'insert']);
        self::assertSame('insert', $bench->fold->fasteners->thread('b2')?->notes->kind);
        self::assertSame(SetAsideReason::OwnWork, $bench->does('repair_accepted', ['position' => 'b2'])->reason, 'nobody accepts what they repaired');
        self::assertSame(['accept_repair b2'], $bench->ways(), 'an insert holds every later stage until the lead accepts it');
        $bench->does('repair_accepted', ['position' => 'b2'], 'lead');
        self::assertSame(['replace b2'], $bench->ways());
        $bench->does('fastener_replaced', ['position' => 'b2', 'lot' => 'L7']);
        self::assertTrue($bench->reads('snug_large:b2:1', '22 lbf·ft')->isApplied());
    }

    public function test_a_part_that_moved_takes_all_its_bolts_along_new_and_from_the_beginning(): void
    {
        $bench = (new Bench('02-rods-part-by-part'))->round('first', 'slack', 'second', 'turn');
        self::assertSame('free:rod1:1', $bench->next());
        $bench->does('part_moved', ['part' => 'rod2']);
        $fault = $bench->state()->faults[0];

        self::assertSame([Fault::PartMoved, ['r2a', 'r2b'], ['r2a', 'r2b'], true], [$fault->fault, $fault->positionsFor(DutyKind::Loosen), $fault->positionsFor(DutyKind::Replace), $fault->leadDecides]);
        $bench->does('disposed', ['step' => $fault->step, 'disposition' => 'rework'], 'lead');
        foreach (['r2a', 'r2b'] as $position) {
            $bench->does('fastener_replaced', ['position' => $position, 'lot' => 'L7']);
        }
        self::assertSame([], $bench->state()->faults);
        self::assertSame(StepStatus::ToDo, $bench->state()->status('first:r2a:1'));
        self::assertSame(StepStatus::Done, $bench->state()->status('turn:r1b:1'), 'the other rods keep what they have');
        self::assertSame(1, $bench->state()->replaced('r2a'));
    }

    public function test_a_part_on_which_nothing_was_done_has_nothing_to_lose(): void
    {
        $bench = new Bench('02-rods-part-by-part');
        $bench->does('part_moved', ['part' => 'rod3']);

        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_wrong_setting_undoes_what_the_whole_round_has_and_the_lead_decides(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->reads('s1:b2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:b2:1']);

        self::assertSame([StepStatus::Unknown, StepStatus::Unknown], [$bench->state()->status('s1:a2:1'), $bench->state()->status('s1:b2:1')]);
        self::assertSame(['s1:a2:1', 's1:b2:1'], $bench->state()->unknown());
        $bench->does('loosened', ['positions' => ['a2', 'b2']]);
        self::assertSame(['decide s1:b2:1'], $bench->ways());
        $bench->does('disposed', ['step' => 's1:b2:1', 'disposition' => 'rework'], 'lead');
        self::assertSame(['step s1:a2:1'], $bench->ways());
    }

    public function test_of_a_whole_round_each_is_done_again_before_the_next_is_loosened_the_one_it_was_said_of_too(): void
    {
        $bench = new Bench('12-head-nine-stages');
        foreach (['a2', 'b2', 'a1'] as $bolt) {
            $bench->reads("s1:$bolt:1", '40 lbf·ft');
        }
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:a1:1']);
        $bench->does('disposed', ['step' => 's1:a1:1', 'disposition' => 'rework'], 'lead');
        foreach (['a1', 'b2', 'a2'] as $bolt) {
            self::assertSame("loosen $bolt", $bench->ways()[0]);
            $bench->does('loosened', ['positions' => [$bolt]]);
            self::assertSame("step s1:$bolt:1", $bench->ways()[0]);
            self::assertTrue($bench->reads("s1:$bolt:1", '40 lbf·ft')->isApplied());
        }

        self::assertSame([], $bench->state()->faults);
    }

    public function test_nobody_disposes_of_what_they_tightened(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->reads('snug_large:a2:1', '30 lbf·ft');

        self::assertSame(SetAsideReason::OwnWork, $bench->does('disposed', ['step' => 'snug_large:a2:1', 'disposition' => 'use_as_is'])->reason);
        self::assertSame(SetAsideReason::NothingToDispose, $bench->does('disposed', ['step' => 'snug_large:b2:1', 'disposition' => 'use_as_is'], 'lead')->reason);
        self::assertTrue($bench->does('disposed', ['step' => 'snug_large:a2:1', 'disposition' => 'use_as_is'], 'lead')->isApplied());
        self::assertSame(StepStatus::Done, $bench->state()->status('snug_large:a2:1'));
        self::assertSame('snug_large:b2:1', $bench->next());
    }

    /** Loosening a torque-to-yield fastener that has begun its yield stage scraps it; a crushed gasket costs a gasket. */
    public function test_the_price_of_a_redo_is_known_before_it_is_chosen(): void
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');
        $over = $bench->redoCost(Fault::Over, 'turn_large:a2:1');
        self::assertSame([6, 6, ['m11' => 1]], [count($over->positions), count($over->lost), $over->fasteners], 'an over-turned single-use bolt of a joint that is redone whole; neighbours that were only drawn snug are not scrapped');
        self::assertSame([], $bench->redoCost(Fault::Short, 'turn_large:a2:1')->fasteners, 'none has begun its yield stage');

        $bench->reads('turn_large:a2:1', '150°');
        $bench->reads('turn_large:b2:1', '150°');
        $price = $bench->redoCost(Fault::Short, 'turn_large:a3:1');
        self::assertSame(['m11' => 2], $price->fasteners);
        self::assertSame(['head gasket'], $price->gaskets);
        self::assertCount(8, $price->lost);
    }

    public function test_a_bolt_that_has_had_its_tightenings_is_replaced_when_it_comes_loose(): void
    {
        $twice = fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['cycles' => 1]]]);
        $bench = (new Bench('05-flywheel-verified', $twice))->round('r1', 'r2', 'r3');
        self::assertSame(1, $bench->state()->cycles('f1'));
        $bench->does('loosened', ['positions' => ['f1']]);

        self::assertSame(['replace f1'], $bench->ways());
        $bench->does('fastener_replaced', ['position' => 'f1', 'lot' => 'L7']);
        self::assertSame('r1:f1:1', $bench->next());
        self::assertSame(0, $bench->state()->cycles('f1'));
    }

    public function test_a_tightening_below_the_loading_stage_is_no_cycle(): void
    {
        $bench = (new Bench('05-flywheel-verified'))->round('r1', 'r2');
        $bench->does('loosened', ['positions' => ['f1']]);

        self::assertSame([], $bench->state()->faults);
        self::assertSame([0, 'r1:f1:1'], [$bench->state()->cycles('f1'), $bench->next()]);
    }

    public function test_a_bolt_reusable_after_its_check_is_checked_when_it_comes_out_loaded(): void
    {
        $bench = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        $bench->reads('full:a:1', '50 lbf·ft', ['0.0052 in']);
        $bench->does('loosened', ['positions' => ['a']]);
        self::assertSame(['check_fastener a'], $bench->ways());
        $bench->does('fastener_checked', ['position' => 'a', 'passes' => false]);
        self::assertSame(['replace a'], $bench->ways());
        $bench->does('fastener_replaced', ['position' => 'a', 'lot' => 'L7']);

        self::assertSame(['step half:a:1'], $bench->ways());
    }

    public function test_deferred_work_is_written_down_lets_the_rest_go_on_and_blocks_finishing(): void
    {
        $bench = (new Bench('13-prevailing-added'));
        $bench->does('deferred', ['steps' => ['run_down:n1:1'], 'reason' => 'nut missing']);
        self::assertSame('run_down:n2:1', $bench->next());
        self::assertSame(['run_down:n1:1', 'full:n1:1'], $bench->state()->deferred(), 'the later rounds of the position go with it');
        $bench->reads('run_down:n2:1', '3 lbf·ft');
        $bench->reads('full:n2:1', '18 lbf·ft');

        self::assertSame(SetAsideReason::StepsMissing, $bench->does('run_finished')->reason);
        self::assertSame(['take_up run_down:n1:1'], $bench->ways());
        self::assertSame(SetAsideReason::NothingPutOff, $bench->does('deferred_work_done', ['steps' => ['full:n2:1']])->reason);
        $bench->does('deferred_work_done', ['steps' => ['run_down:n1:1']]);
        $bench->reads('run_down:n1:1', '2 lbf·ft');
        $bench->reads('full:n1:1', '17 lbf·ft');
        $bench->does('final_look');
        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_a_fault_that_is_put_off_holds_its_own_position_and_no_other(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $bench->does('gave_way', ['id' => 'g', 'step' => 'snug_large:a2:1']);
        $bench->does('deferred', ['steps' => ['snug_large:a2:1'], 'reason' => 'insert ordered']);

        self::assertSame('snug_large:b2:1', $bench->next());
        self::assertTrue($bench->reads('snug_large:b2:1', '22 lbf·ft')->isApplied());
        self::assertFalse($bench->reads('snug_large:a2:1', '22 lbf·ft')->isApplied());
    }

    public function test_a_check_that_failed_stops_and_is_answered_again(): void
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug');
        $bench->answers('align:joint:1', false);
        self::assertSame(['align:joint:1', 'failed'], [$bench->fold->stoppedAt(), $bench->state()->liveAttempt('align:joint:1')?->judgement->verdict->value]);
        self::assertSame([Fault::CheckFailed], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
        self::assertSame(['inspect align:joint:1'], $bench->ways());
        self::assertSame(SetAsideReason::NotBackedOff, $bench->answers('align:joint:1', true)->reason, 'a No is not turned into a Yes without a word');
        $bench->does('inspected', ['at' => 'align:joint:1', 'work' => 'adjusted']);
        self::assertSame(['step align:joint:1'], $bench->ways());
        $bench->answers('align:joint:1', true);
        self::assertSame([], $bench->state()->faults);

        self::assertTrue($bench->reads('snug_thrust:i2l:1', '15 lbf·ft')->isApplied());
        self::assertSame(AttemptStatus::TakenFurther, $bench->state()->attemptsAt('align:joint:1')[0]->status);
    }

    public function test_a_run_left_in_mid_angle_opens_at_the_very_stroke(): void
    {
        $ratchet = fn (array $d): array => array_replace_recursive($d, ['stages' => [3 => ['motion' => 'may_ratchet']]]);
        $bench = (new Bench('01-main-caps-thrust-held-back', $ratchet))->round('snug', 'align', 'snug_thrust');
        $bench->strokes('turn:i2l:1', '35°');
        $bench->does('interrupted');
        $state = $bench->state();

        self::assertSame(['turn:i2l:1', '35°', StepStatus::UnderWay], [$state->interruptedAt, $state->underWay['turn:i2l:1']->typeset(), $state->status('turn:i2l:1')]);
        $bench->strokes('turn:i2l:1', '43°');
        self::assertSame(StepStatus::Done, $bench->state()->status('turn:i2l:1'));
        self::assertNull($bench->state()->interruptedAt);
    }

    public function test_a_joint_that_is_opened_starts_from_its_beginning(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2');
        $bench->does('restarted', ['scope' => 'joint', 'key' => 'head']);

        self::assertSame('s1:a2:1', $bench->next());
        self::assertSame(['renew gasket'], $bench->ways(), 'the second round had set the gasket');
        self::assertSame(SetAsideReason::NotBackedOff, $bench->reads('s1:a2:1', '40 lbf·ft')->reason);
        $bench->does('loosened', ['positions' => ['a2']]);
        $bench->does('gasket_replaced', ['gasket' => 'gasket']);
        self::assertSame([], $bench->state()->faults);
        self::assertSame(SetAsideReason::PlaceUnknown, $bench->does('restarted', ['scope' => 'part', 'key' => 'sump'])->reason);
    }

    public function test_after_the_procedures_own_loosening_a_loose_stud_goes_back_to_that_point_only(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2', 's3')->wait(700)->round('s4', 's5', 's6');
        $bench->does('loosened', ['positions' => ['a2']]);

        self::assertSame('s6:a2:1', $bench->next());
        self::assertSame(StepStatus::Done, $bench->state()->status('s2:a2:1'));
    }

    public function test_another_device_cannot_speak_for_the_run_until_it_is_handed_over(): void
    {
        $bench = new Bench('12-head-nine-stages');
        self::assertSame(SetAsideReason::OtherDeviceHolds, $bench->does('loosened', ['positions' => ['a2'], 'device' => 'bench2'])->reason);
        $bench->takenOver('bo', 'bench2');
        self::assertTrue($bench->does('loosened', ['positions' => ['a2'], 'device' => 'bench2'])->isApplied());
    }

    public function test_a_dropped_wrench_is_written_down_and_undoes_nothing(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'dropped_wrench', 'at' => 's1:b2:1']);

        self::assertSame([], $bench->state()->faults);
        self::assertSame([Fault::DroppedWrench], array_map(fn ($c): Fault => $c->fault, $bench->state()->cases()));
        self::assertTrue($bench->state()->cases()[0]->rule->toolOut);
    }
}
