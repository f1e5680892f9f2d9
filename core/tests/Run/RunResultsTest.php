<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\PaintMarks;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/** How every kind of result is judged: facts of the trade (common practice, no source). */
final class RunResultsTest extends TestCase
{
    public function test_a_click_is_judged_by_the_setting_and_stays_attested(): void
    {
        $bench = new Bench('07-pump-each-its-own');
        $bench->round('hand');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '8 lbf·ft']);
        $click = fn (string $step) => $bench->does('click_attested', ['step' => $step, 'tool' => 'W1'])->judgement();

        self::assertSame([Verdict::Attested, EvidenceGrade::AttestedOneByOne], [$click('full:top:1')?->verdict, $bench->state()->liveAttempt('full:top:1')?->judgement->evidence]);
        $wrong = $click('full:left:1');
        self::assertSame([Verdict::Low, EvidenceGrade::AttestedOneByOne], [$wrong?->verdict, $wrong?->evidence]);
        self::assertSame([Fault::Short], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
    }

    public function test_a_click_of_a_wrench_whose_setting_nobody_knows_proves_nothing(): void
    {
        $bench = (new Bench('07-pump-each-its-own'))->round('hand');
        $outcome = $bench->does('click_attested', ['id' => 'x', 'step' => 'full:top:1', 'tool' => 'W9']);

        self::assertSame(EvidenceGrade::Unknown, $outcome->judgement()?->evidence);
        self::assertSame(StepStatus::Unknown, $bench->state()->status('full:top:1'));
        self::assertSame(['loosen top'], $bench->ways());
    }

    public function test_a_word_where_the_stage_asks_for_a_value_proves_nothing(): void
    {
        $bench = new Bench('02-rods-part-by-part');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30 N·m']);

        self::assertSame(EvidenceGrade::Unknown, $bench->does('click_attested', ['id' => 'x', 'step' => 'first:r1a:1', 'tool' => 'W1'])->judgement()?->evidence);
    }

    public function test_a_round_is_attested_with_as_many_marks_as_fasteners(): void
    {
        $bench = new Bench('07-pump-each-its-own');
        $bench->does('round_attested', ['id' => 'x', 'stage' => 'hand', 'marks' => 3]);

        foreach (['top', 'left', 'right'] as $position) {
            self::assertSame(EvidenceGrade::AttestedAsRound, $bench->state()->liveAttempt("hand:$position:1")?->judgement->evidence);
        }
        self::assertSame('full:top:1', $bench->next());
    }

    public function test_a_round_with_a_mark_too_few_proves_none_of_them(): void
    {
        $bench = new Bench('07-pump-each-its-own');
        $bench->does('round_attested', ['id' => 'x', 'stage' => 'hand', 'marks' => 2]);

        self::assertSame(['hand:top:1', 'hand:left:1', 'hand:right:1'], $bench->state()->unknown());
        self::assertSame('step hand:top:1', $bench->ways()[0], 'each is seated again where it stands');
    }

    public function test_strokes_add_up_and_are_judged_when_the_sum_reaches_the_window(): void
    {
        $ratchet = fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['motion' => 'may_ratchet']]]);
        $bench = (new Bench('04-head-two-sizes', $ratchet))->round('snug_large');

        self::assertNull($bench->strokes('turn_large:a2:1', '60°')->judgement());
        self::assertNull($bench->strokes('turn_large:a2:1', '1/4 turn')->judgement()?->verdict->isGood() === false ? 'out' : null);
        self::assertSame(Verdict::In, $bench->state()->liveAttempt('turn_large:a2:1')?->judgement->verdict);
        self::assertSame('150', $bench->state()->liveAttempt('turn_large:a2:1')->given->value?->digits);
        $bench->strokes('turn_large:b2:1', '100°');
        self::assertSame(Verdict::High, $bench->strokes('turn_large:b2:1', '56°')->judgement()?->verdict);
    }

    public function test_in_a_stage_of_one_motion_the_first_stop_decides(): void
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');

        self::assertSame(Verdict::Low, $bench->strokes('turn_large:a2:1', '60°')->judgement()?->verdict);
        self::assertSame(SetAsideReason::NotBackedOff, $bench->strokes('turn_large:a2:1', '90°')->reason);
    }

    public function test_a_stretch_is_what_the_bolt_is_longer_than_it_was_free(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        self::assertSame(['measure a'], $bench->ways());
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2.0000 in']);

        self::assertSame(Verdict::Low, $bench->reads('pull:a:1', '2.0049 in')->judgement()?->verdict);
        self::assertContains('step pull:a:1', $bench->ways(), 'a stretch below its window may be taken further');
        self::assertSame(Verdict::In, $bench->reads('pull:a:1', '2.0058 in', ['49 lbf·ft'])->judgement()?->verdict, 'the limit itself is good');
        self::assertSame('pull:b:1', $bench->next());
    }

    public function test_a_bolt_stretched_beyond_what_it_may_ever_be_is_scrap(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2.0000 in']);
        $bench->reads('pull:a:1', '2.0059 in');

        self::assertSame([[Fault::OverStretched, ['a'], true]], array_map(fn ($f): array => [$f->fault, $f->positionsFor(DutyKind::Replace), $f->leadDecides], $bench->state()->faults));
    }

    public function test_above_the_ceiling_torque_a_stretch_is_over_however_good_it_is(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2.0000 in']);

        self::assertSame(Verdict::High, $bench->reads('pull:a:1', '2.0055 in', ['51 lbf·ft'])->judgement()?->verdict);
    }

    public function test_a_stretch_without_a_free_length_since_the_bolt_was_last_out_is_not_proved(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2.0000 in']);
        $bench->reads('pull:a:1', '2.0053 in');
        $bench->does('loosened', ['positions' => ['a']]);
        $bench->does('fastener_checked', ['position' => 'a', 'passes' => true]);
        $judgement = $bench->reads('pull:a:1', '2.0053 in')->judgement();

        self::assertSame([EvidenceGrade::Unknown, StepStatus::Unknown], [$judgement?->evidence, $bench->state()->status('pull:a:1')]);
        self::assertSame(['loosen a'], $bench->ways(), 'measuring it again where it stands would tell nothing');
    }

    public function test_zero_and_free_length_are_taken_on_a_free_fastener_only(): void
    {
        $bench = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        self::assertSame(SetAsideReason::FastenerNotFree, $bench->does('zeroed', ['position' => 'a'])->reason);
        self::assertSame(SetAsideReason::FastenerNotFree, $bench->does('free_length_measured', ['position' => 'a', 'length' => '2 in'])->reason);
        $bench->does('loosened', ['positions' => ['a']]);
        self::assertTrue($bench->does('zeroed', ['position' => 'a'])->isApplied());
    }

    public function test_a_comparator_is_zeroed_on_the_bolt_or_on_a_partner_of_nearly_its_length(): void
    {
        $bench = new Bench('09-rod-stretch-comparator');
        self::assertSame(['zero a'], $bench->ways());
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2.0000 in']);
        $bench->does('zeroed', ['position' => 'a']);
        self::assertSame(Verdict::In, $bench->reads('pull:a:1', '0.0055 in')->judgement()?->verdict);
        $stretch = fn (Bench $b): array => [$b->reads('pull:b:1', '0.0055 in')->judgement()?->evidence, array_map(fn ($f): Fault => $f->fault, $b->state()->faults)];
        self::assertSame([EvidenceGrade::Unknown, [Fault::NotProved]], $stretch($bench->copy()), 'nothing is known of its length');
        $bench->does('free_length_measured', ['position' => 'b', 'length' => '2.0003 in']);
        self::assertSame([EvidenceGrade::Unknown, [Fault::NotProved]], $stretch($bench->copy()), '0.0003 in is more than 0.0002');
        $bench->does('free_length_measured', ['position' => 'b', 'length' => '2.0002 in']);
        self::assertSame([EvidenceGrade::MeasuredValue, []], $stretch($bench));
    }

    public function test_a_torque_whose_stretch_was_to_be_watched_is_not_proved_without_it(): void
    {
        $bench = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        $outcome = $bench->reads('full:a:1', '50 lbf·ft');

        self::assertSame([Verdict::In, EvidenceGrade::Unknown], [$outcome->judgement()?->verdict, $outcome->judgement()?->evidence]);
        self::assertSame([Fault::NotProved], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
    }

    public function test_a_torque_with_its_stretch_in_bounds_is_in_and_beyond_them_scraps_the_bolt(): void
    {
        $bench = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        self::assertSame(Verdict::In, $bench->reads('full:a:1', '50 lbf·ft', ['0.0058 in'])->judgement()?->verdict);
        self::assertSame(Verdict::High, $bench->reads('full:b:1', '50 lbf·ft', ['0.0059 in'])->judgement()?->verdict);
        self::assertSame(Fault::OverStretched, $bench->state()->faults[0]->fault);
    }

    public function test_prevailing_torque_is_added_at_the_nut_at_which_it_was_measured(): void
    {
        $bench = new Bench('13-prevailing-added');
        $bench->reads('run_down:n1:1', '3 lbf·ft');
        self::assertSame(Verdict::Low, $bench->reads('run_down:n2:1', '0.5 lbf·ft')->judgement()?->verdict, 'a nut that locks too little');
        $bench->does('backed_off', ['step' => 'run_down:n2:1']);
        $bench->reads('run_down:n2:1', '60 lbf·in');

        self::assertSame(Verdict::In, $bench->reads('full:n1:1', '18.6 lbf·ft')->judgement()?->verdict, '15.6 + 3: the limit itself is good');
        self::assertSame(Verdict::Low, $bench->reads('full:n2:1', '19.3 lbf·ft')->judgement()?->verdict, '60 lbf·in are 5 lbf·ft: at least 19.4');
    }

    public function test_a_held_wheel_needs_two_people_and_both_torques(): void
    {
        $bench = (new Bench('06-wheels-held'))->round('snug', 'back');
        self::assertSame(['partner final:w1:1'], $bench->ways());
        self::assertSame(SetAsideReason::PartnerMissing, $bench->copy()->reads('final:w1:1', '60 lbf·ft', ['15 lbf·ft'])->reason);
        self::assertSame(SetAsideReason::PartnerMissing, $bench->does('second_person_joined', ['second_person' => 'ann'])->reason, 'nobody is two people');
        $bench->does('second_person_joined', ['second_person' => 'bo']);

        self::assertSame(Verdict::In, $bench->reads('final:w1:1', '60 lbf·ft', ['15 lbf·ft'])->judgement()?->verdict);
        self::assertSame(Verdict::Low, $bench->reads('final:w2:1', '60 lbf·ft', ['11 lbf·ft'])->judgement()?->verdict, 'the partner held too little');
    }

    public function test_a_partner_who_let_go_takes_the_position_along(): void
    {
        $bench = (new Bench('06-wheels-held'))->round('snug', 'back');
        $bench->does('second_person_joined', ['second_person' => 'bo']);
        $bench->does('partner_let_go', ['step' => 'final:w1:1']);

        self::assertSame(['loosen w1'], $bench->ways());
        $bench->does('loosened', ['positions' => ['w1']]);
        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_verification_pass_in_which_nothing_moved_is_the_last(): void
    {
        $bench = $this->flywheel();
        foreach (['f1', 'f4', 'f2', 'f5', 'f3', 'f6'] as $f) {
            self::assertSame(Verdict::NotBelow, $bench->moved("again:$f:1", false)->judgement()?->verdict);
        }

        self::assertNull($bench->next());
        self::assertSame(StepStatus::NotNeeded, $bench->state()->status('again:f1:2'));
        $bench->does('marked', ['positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'mark' => 'last']);
        $bench->does('final_look');
        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_one_that_moved_calls_for_another_pass_of_all_and_at_the_last_it_fails(): void
    {
        $bench = $this->flywheel();
        foreach ([1, 2] as $pass) {
            foreach (['f1', 'f4', 'f2', 'f5', 'f3', 'f6'] as $f) {
                $bench->moved("again:$f:$pass", $f === 'f3');
            }
        }
        self::assertSame('again:f1:3', $bench->next());
        foreach (['f1', 'f4', 'f2', 'f5'] as $f) {
            $bench->moved("again:$f:3", false);
        }

        self::assertSame(Verdict::Failed, $bench->moved('again:f3:3', true)->judgement()?->verdict);
        self::assertSame('again:f3:3', $bench->fold->stoppedAt());
    }

    public function test_what_was_not_tight_within_the_working_time_is_taken_out_and_started_again(): void
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'lot' => 'L1']);
        $bench->wait(900)->reads('r1:f1:1', '30 lbf·ft');
        self::assertSame([], $bench->state()->faults, 'fifteen minutes are within fifteen minutes');
        $bench->wait(1)->reads('r1:f4:1', '30 lbf·ft');

        $case = $bench->state()->faults[0];
        self::assertSame([Fault::TimePassed, ['f1', 'f4'], ['f1', 'f2', 'f3', 'f4', 'f5', 'f6']], [$case->fault, $case->positionsFor(DutyKind::Loosen), $case->positionsFor(DutyKind::Apply)], 'it is told for every position that the locker holds');
        $bench->does('loosened', ['positions' => ['f1', 'f4']]);
        $bench->does('cleaned', ['positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6']]);
        self::assertContains('apply f4', $bench->ways());
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'lot' => 'L1']);
        self::assertSame([[], ['step r1:f1:1']], [$bench->state()->faults, $bench->ways()]);
    }

    public function test_a_working_time_that_cannot_be_proved_is_in_doubt_and_no_fault(): void
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->reads('r1:f1:1', '30 lbf·ft');
        self::assertCount(1, $bench->state()->doubts, 'nobody said when the locker went on');
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f4'], 'lot' => 'L1']);
        $bench->wait(1200)->readsByAnotherClock('r1:f4:1', '30 lbf·ft');

        self::assertCount(2, $bench->state()->doubts);
        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_settling_time_is_measured_from_the_last_result(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1', 's2', 's3');
        self::assertSame(Verdict::Low, $bench->wait(599)->attests('s4:joint:1')->judgement()?->verdict);
        self::assertSame(Verdict::Attested, $bench->wait(600)->attests('s4:joint:1')->judgement()?->verdict);
    }

    public function test_both_marks_of_a_plastic_gauge_must_lie_in_the_limits(): void
    {
        $bench = (new Bench('11-trial-fit'))->round('try_snug', 'try_turn', 'open');
        self::assertSame(SetAsideReason::WrongAnswer, $bench->reads('gauge:joint:1', '0.0015 in')->reason, 'one mark is no interval');
        self::assertSame(Verdict::High, $bench->copy()->reads('gauge:joint:1', '0.0020 in', ['0.0030 in'])->judgement()?->verdict);
        self::assertSame(Verdict::In, $bench->reads('gauge:joint:1', '0.0015 in', ['0.0020 in'])->judgement()?->verdict);
    }

    public function test_the_earnest_round_asks_for_the_real_bolts_and_bolts_of_the_trial_are_not_proved_in_it(): void
    {
        $bench = new Bench('11-trial-fit');
        $bench->does('fasteners_fitted', ['positions' => ['a', 'b'], 'lot' => 'T', 'set' => 'trial']);
        $bench->round('try_snug', 'try_turn', 'open');
        self::assertSame(1, $bench->state()->cycles('a'), 'a tightening in a trial is one');
        $bench->reads('gauge:joint:1', '0.0015 in', ['0.0020 in']);
        $bench->round('wiped');
        self::assertSame(['fit a'], $bench->ways());
        $same = $bench->copy();
        $same->reads('snug:a:1', '15 lbf·ft');
        self::assertSame([[Fault::WrongFastener, ['a']]], array_map(fn ($f): array => [$f->fault, $f->positionsFor(DutyKind::Replace)], $same->state()->faults));

        $bench->does('fasteners_fitted', ['positions' => ['a', 'b'], 'lot' => 'R', 'set' => 'real']);
        self::assertSame(StepStatus::Done, $bench->state()->status('try_turn:a:1'), 'the trial itself stands');
        $bench->round('snug', 'turn');
        self::assertSame([1, []], [$bench->state()->cycles('a'), $bench->state()->faults]);
        $bench->does('final_look');
        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_of_a_go_no_go_pair_one_enters_and_the_other_does_not(): void
    {
        $bench = (new Bench('02-rods-part-by-part'))->round('first');
        foreach (['slack', 'second', 'turn'] as $stage) {
            $bench->round($stage);
        }
        self::assertSame(SetAsideReason::WrongAnswer, $bench->answers('free:rod1:1', true)->reason, 'nothing was said of the other gauge');
        self::assertSame(Verdict::Failed, $bench->copy()->answers('free:rod1:1', true, true)->judgement()?->verdict);
        self::assertSame(Verdict::Passed, $bench->answers('free:rod1:1', true, false)->judgement()?->verdict);
    }

    public function test_after_the_angle_round_every_paint_line_points_where_it_must(): void
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large', 'turn_large', 'snug_small');
        $marks = PaintMarks::of($bench->state());

        self::assertSame('150°', $marks['a2']->line?->typeset());
        self::assertNull($marks['e1']->line);
        self::assertCount(2, $marks['a2']->strokes);
    }

    public function test_whole_turns_do_not_show_on_the_paint_line(): void
    {
        $far = fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['targets' => [['target' => '1.25 turn']]]]]);
        $bench = (new Bench('04-head-two-sizes', $far))->round('snug_large', 'turn_large');

        self::assertSame('90°', PaintMarks::of($bench->state())['a2']->line?->typeset());
    }

    public function test_a_mark_on_the_metal_and_a_result_are_two_facts(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        self::assertSame([1, 0], [count(PaintMarks::of($bench->state())['a2']->strokes), $bench->state()->marked('a2')]);
        $bench->does('marked', ['positions' => ['a2'], 'mark' => 'first']);
        self::assertSame(1, $bench->state()->marked('a2'));
    }

    public function test_residual_torque_is_judged_by_its_own_limits(): void
    {
        $bench = (new Bench('15-residual-audit'))->wait(1);
        $bench->does('disposed', ['step' => 'rest:joint:1', 'disposition' => 'use_as_is'], 'lead');
        $bench->attests('rest:joint:1');

        self::assertSame(Verdict::In, $bench->reads('audit:f1:1', '60 lbf·ft')->judgement()?->verdict);
        self::assertSame(Verdict::High, $bench->reads('audit:f2:1', '91 lbf·ft')->judgement()?->verdict);
    }

    public function test_a_step_whose_value_is_missing_judges_nothing(): void
    {
        $torn = function (array $d): array {
            $d['stages'][0]['targets'][0] = ['group' => 'nut', 'low' => ['missing' => 'torn'], 'high' => ['missing' => 'torn']];

            return $d;
        };

        self::assertSame(SetAsideReason::ValueMissing, (new Bench('13-prevailing-added', $torn))->reads('run_down:n1:1', '3 lbf·ft')->reason);
    }

    public function test_an_answer_of_another_kind_is_set_aside(): void
    {
        $bench = new Bench('14-teardown');

        self::assertSame(SetAsideReason::WrongAnswer, $bench->reads('cold:joint:1', '20 N·m')->reason);
        self::assertSame(SetAsideReason::WrongAnswer, $bench->attests('cold:joint:1')->reason);
        self::assertSame(SetAsideReason::WrongAnswer, $bench->moved('cold:joint:1', false)->reason);
        self::assertSame(SetAsideReason::EarlierRoundMissing, $bench->attests('out:b3:1')->reason);
    }

    private function flywheel(): Bench
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'lot' => 'L1']);

        return $bench->round('r1', 'r2', 'r3');
    }
}
