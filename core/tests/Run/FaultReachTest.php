<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\Saying;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/** How far a fault reaches, how far back, and what it leaves alone: facts of the trade (common practice, no source). */
final class FaultReachTest extends TestCase
{
    public function test_a_stretch_whose_sheet_demands_one_motion_is_not_taken_further(): void
    {
        $bench = new Bench('08-rod-stretch-absolute', fn (array $d): array => array_replace_recursive($d, ['stages' => [['motion' => 'one_motion']]]));
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2 in']);
        $bench->reads('pull:a:1', '2.0010 in');

        self::assertSame(['check_fastener a'], array_values(array_filter($this->afterLoosening($bench, 'a'), fn (string $w): bool => str_starts_with($w, 'check'))));
        self::assertFalse($bench->state()->faults[0]->mayGoOn);
    }

    public function test_a_stage_that_lets_a_shortfall_go_on_takes_the_bolt_further(): void
    {
        $bench = new Bench('12-head-nine-stages', fn (array $d): array => array_replace_recursive($d, ['stages' => [['shortfall' => 'continue']]]));
        $bench->reads('s1:a2:1', '30 lbf·ft');
        self::assertTrue($bench->state()->faults[0]->mayGoOn);
        self::assertSame(Verdict::In, $bench->reads('s1:a2:1', '40 lbf·ft')->judgement()?->verdict);

        self::assertSame([], $bench->state()->faults);
    }

    public function test_to_let_a_shortfall_go_on_is_no_licence_for_going_over(): void
    {
        $bench = new Bench('12-head-nine-stages', fn (array $d): array => array_replace_recursive($d, ['stages' => [['shortfall' => 'continue']]]));
        $bench->reads('s1:a2:1', '50 lbf·ft');

        self::assertFalse($bench->state()->faults[0]->mayGoOn);
    }

    public function test_a_wrong_setting_reaches_what_was_done_in_the_round_and_no_further(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        $bench->reads('s2:a2:1', '60 lbf·ft');
        $bench->reads('s2:b2:1', '60 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's2:b2:1']);
        $state = $bench->state();

        self::assertSame(['b2', 'a2'], $state->faults[0]->positionsFor(DutyKind::Loosen), 'outside in');
        self::assertSame(['s2:a2:1', 's2:b2:1'], $state->unknown());
        self::assertSame(StepStatus::Done, $state->status('s1:a2:1'), 'the round before stands');
        self::assertSame(StepStatus::ToDo, $state->status('s2:a1:1'));
    }

    public function test_a_round_by_part_is_one_legs_round(): void
    {
        $bench = (new Bench('02-rods-part-by-part'));
        $bench->round('first');
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 'first:r1b:1']);

        self::assertSame(['r1a', 'r1b'], $bench->state()->faults[0]->positionsFor(DutyKind::Loosen));
    }

    public function test_an_angle_gone_wrong_goes_back_to_the_torque_it_was_counted_from_and_leaves_earlier_rounds(): void
    {
        $bench = new Bench('12-head-nine-stages', function (array $d): array {
            $d['stages'][2] = ['key' => 's3', 'kind' => 'turn', 'threshold' => '60 lbf·ft', 'targets' => [['group' => 'head', 'target' => '90°', 'window_standard' => 'a', 'target_source' => 'cp']], 'sequence' => 'out', 'why' => 'turn'];

            return $d;
        });
        $bench->round('s1', 's2');
        $bench->reads('s3:a2:1', '120°');
        $bench->does('backed_off', ['step' => 's3:a2:1']);

        self::assertSame('s2:a2:1', $bench->next());
        self::assertSame([StepStatus::Done, StepStatus::Done], [$bench->state()->status('s1:a2:1'), $bench->state()->status('s2:b2:1')]);
    }

    public function test_what_goes_wrong_in_earnest_leaves_the_trial_fit_alone_and_the_other_way_round(): void
    {
        $bench = (new Bench('11-trial-fit'))->round('try_snug', 'try_turn', 'open');
        $bench->reads('gauge:joint:1', '0.0015 in', ['0.0020 in']);
        $bench->round('wiped');
        $bench->does('fasteners_fitted', ['positions' => ['a', 'b'], 'lot' => 'L', 'set' => 'real']);
        $bench->round('snug');
        $bench->reads('turn:a:1', '99°');
        $fault = $bench->state()->faults[0];
        self::assertSame([Fault::Over, ['a'], ['a']], [$fault->fault, $fault->positionsFor(DutyKind::Loosen), $fault->positionsFor(DutyKind::Replace)]);
        $bench->does('disposed', ['step' => 'turn:a:1', 'disposition' => 'replace'], 'lead');
        $bench->does('fastener_replaced', ['position' => 'a', 'lot' => 'L']);

        self::assertSame('snug:a:1', $bench->next(), 'a new bolt begins at the first round in earnest');
        self::assertSame(StepStatus::Done, $bench->state()->status('try_snug:a:1'));
    }

    public function test_a_withdrawn_reading_takes_its_own_fault_along_and_no_other(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'touched', 'at' => 's1:a2:1']);
        $bench->does('loosened', ['positions' => ['a2']]);
        $bench->reads('s1:a2:1', '4.0 lbf·ft');
        self::assertSame([Fault::Short], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
        $bench->does('fault_reported', ['fault' => 'partner_let_go', 'at' => 's1:b2:1']);
        $bench->does('reading_withdrawn', ['reading' => $bench->state()->attemptsAt('s1:a2:1')[1]->id(), 'step' => 's1:a2:1', 'second_person' => 'bo']);

        self::assertSame([Fault::PartnerLetGo], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
    }

    public function test_a_verification_that_never_holds_goes_back_to_the_round_it_verifies(): void
    {
        $bench = new Bench('05-flywheel-verified', function (array $d): array {
            $d['stages'][3]['repeat_at_most'] = 2;

            return $d;
        });
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'lot' => 'L']);
        $bench->round('r1', 'r2', 'r3');
        foreach (['f1', 'f4', 'f2', 'f5', 'f3', 'f6'] as $f) {
            $bench->moved("again:$f:1", true);
        }
        $bench->moved('again:f1:2', true);
        $bench->does('backed_off', ['step' => 'again:f1:2']);

        self::assertSame('r3:f1:1', $bench->next());
        self::assertSame(StepStatus::Done, $bench->state()->status('r2:f1:1'));
    }

    public function test_positions_that_were_not_begun_have_nothing_to_lose(): void
    {
        $bench = new Bench('04-head-two-sizes', fn (array $d): array => array_replace_recursive($d, ['stages' => [['redo' => 'joint']]]));
        $bench->reads('snug_large:a2:1', '22 lbf·ft');
        $bench->reads('snug_large:b2:1', '30 lbf·ft');

        self::assertSame([['b2', 'a2'], false], [$bench->state()->faults[0]->positionsFor(DutyKind::Loosen), $bench->state()->faults[0]->leadDecides], 'before the loading stage nothing is spent');
        self::assertSame([], $bench->state()->faults[0]->positionsFor(DutyKind::Replace));
    }

    public function test_a_fault_opened_elsewhere_sets_nothing_aside_that_was_done_before_one_could_know_of_it(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        $seen = $bench->fold->state->seq();
        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:a2:1', 'device' => null], 'lead');
        $pull = ['step' => $bench->next() ?? '', 'value' => '60 lbf·ft', 'tool' => 'W1'];
        self::assertSame(SetAsideReason::NotBackedOff, $bench->does('reading_taken', $pull + ['base_seq' => $seen + 1])->reason, 'one who knew of it had to stop');

        $outcome = $bench->does('reading_taken', $pull + ['base_seq' => $seen]);
        self::assertSame([Standing::Applied, StepStatus::Unknown], [$outcome->standing, $bench->state()->status($pull['step'])]);
        self::assertStringContainsString('A fault was reported elsewhere meanwhile', json_encode(array_map(fn (Saying $s): string => $s->sentence, $outcome->say)) ?: '');

        $bench->does('fault_reported', ['fault' => 'wrong_setting', 'at' => 's1:b2:1'], 'ann');
        $bench->does('disposed', ['step' => 's1:a2:1', 'disposition' => 'rework'], 'lead');
        self::assertSame(SetAsideReason::NotBackedOff, $bench->does('reading_taken', ['step' => 's2:b2:1', 'base_seq' => $seen] + $pull)->reason, 'what was reported at this very bench stops it, whatever it had been told since');
    }

    public function test_a_stretch_that_was_touched_is_measured_again_where_it_stands(): void
    {
        $bench = new Bench('08-rod-stretch-absolute');
        $bench->does('free_length_measured', ['position' => 'a', 'length' => '2 in']);
        $bench->reads('pull:a:1', '2.0055 in');
        $bench->does('fault_reported', ['fault' => 'touched', 'at' => 'pull:a:1']);
        self::assertSame(StepStatus::Unknown, $bench->state()->status('pull:a:1'));
        self::assertSame(Verdict::In, $bench->reads('pull:a:1', '2.0054 in')->judgement()?->verdict);

        self::assertSame([[], StepStatus::Done, 'pull:b:1'], [$bench->state()->faults, $bench->state()->status('pull:a:1'), $bench->next()]);
    }

    public function test_what_must_be_replaced_is_not_checked_first_and_what_is_checked_is_not_replaced_yet(): void
    {
        $over = (new Bench('08-rod-stretch-absolute'));
        $over->does('free_length_measured', ['position' => 'a', 'length' => '2 in']);
        $over->reads('pull:a:1', '2.0059 in');
        self::assertSame([['a'], []], [$over->state()->faults[0]->positionsFor(DutyKind::Replace), $over->state()->faults[0]->positionsFor(DutyKind::CheckFastener)]);

        $torque = (new Bench('10-torque-never-exceed-stretch'))->round('half');
        $torque->reads('full:a:1', '40 lbf·ft', ['0.0040 in']);
        self::assertSame([[], ['a']], [$torque->state()->faults[0]->positionsFor(DutyKind::Replace), $torque->state()->faults[0]->positionsFor(DutyKind::CheckFastener)]);
    }

    public function test_what_undoes_nothing_replaces_nothing_however_often_the_bolt_was_tightened(): void
    {
        $bench = (new Bench('05-flywheel-verified', fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['cycles' => 1]]])))->round('r1', 'r2', 'r3');
        $bench->does('fault_reported', ['fault' => 'dropped_wrench', 'at' => 'r3:f1:1']);

        self::assertSame([], $bench->state()->faults);
    }

    public function test_while_a_fault_is_open_the_work_put_off_elsewhere_does_not_move_what_is_next(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('deferred', ['steps' => ['s1:a2:1'], 'reason' => 'no washer']);
        $bench->reads('s1:b2:1', '30 lbf·ft');
        $bench->reads('s1:a1:1', '40 lbf·ft');

        self::assertSame(['s1:b2:1', 's1:b2:1'], [$bench->fold->stoppedAt(), $bench->next()]);
        self::assertSame(['loosen b2', 'loosen a1'], $bench->ways(), 'what was pulled meanwhile is backed off as well');
    }

    public function test_faults_at_one_position_add_up(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        $bench->reads('s2:a2:1', '50 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'wrong_fastener', 'at' => 's2:a2:1']);
        $bench->does('loosened', ['positions' => ['a2']]);
        self::assertSame([[Fault::WrongFastener, ['a2']]], array_map(fn ($f): array => [$f->fault, $f->positionsFor(DutyKind::Replace)], $bench->state()->faults), 'loosening was enough for the short one');
        $bench->does('fastener_replaced', ['position' => 'a2', 'lot' => 'L']);
        $bench->does('disposed', ['step' => 's2:a2:1', 'disposition' => 'rework'], 'lead');

        self::assertSame([[], 's1:a2:1'], [$bench->state()->faults, $bench->next()]);
    }

    /** @return list<string> */
    private function afterLoosening(Bench $bench, string $position): array
    {
        $bench2 = $bench->ways();
        self::assertSame(["loosen $position"], $bench2);
        $bench->does('loosened', ['positions' => [$position]]);

        return $bench->ways();
    }
}
