<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Nothing vanishes and nothing turns good: facts of the trade (common practice, no source). */
final class NothingVanishesTest extends TestCase
{
    public function test_a_click_on_what_was_pulled_while_another_stood_stopped_proves_nothing_until_it_is_backed_off(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '50 lbf·ft');
        foreach (['b2', 'a1'] as $stud) {
            self::assertSame(SetAsideReason::NotBackedOff, $bench->reads("s1:$stud:1", '50 lbf·ft')->reason);
        }
        $cases = array_values(array_filter($bench->state()->faults, fn ($f): bool => $f->fault === Fault::PulledAside));
        self::assertSame([['b2', 'a1']], array_map(fn ($c): array => $c->positionsFor(DutyKind::Loosen), $cases), 'one case for both');
        self::assertSame([StepStatus::Unknown, StepStatus::Unknown], [$bench->state()->status('s1:b2:1'), $bench->state()->status('s1:a1:1')]);

        $bench->does('loosened', ['positions' => ['a2']]);
        self::assertTrue($bench->reads('s1:a2:1', '40 lbf·ft')->isApplied(), 'what was not pulled aside may go on');
        self::assertSame(SetAsideReason::NotBackedOff, $bench->reads('s1:b2:1', '40 lbf·ft')->reason);
        $bench->does('loosened', ['positions' => ['b2', 'a1']]);
        self::assertSame([[], StepStatus::ToDo], [$bench->state()->faults, $bench->state()->status('s1:b2:1')]);
        self::assertTrue($bench->reads('s1:b2:1', '40 lbf·ft')->isApplied());
    }

    public function test_a_late_pull_on_a_bolt_of_a_round_that_is_done_is_put_right_before_the_next_round(): void
    {
        $bench = (new Bench('12-head-nine-stages'))->round('s1');
        $bench->takenOver('bo', 'bench2');
        self::assertSame(SetAsideReason::OtherDeviceHolds, $bench->reads('s1:b2:1', '38 lbf·ft')->reason);

        self::assertSame('s1:b2:1', $bench->fold->stoppedAt());
        self::assertSame(['loosen'], array_map(fn (NextAction $way): string => $way->do, $bench->advice()->nextActions()));
        self::assertSame('pulled_aside', $bench->stop()['fault'] ?? null);

        $bench->takenOver('ann', 'bench1');
        $bench->does('loosened', ['positions' => ['b2']]);
        self::assertSame('s1:b2:1', $bench->next());
        self::assertNull($bench->stop());
    }

    public function test_late_pulls_after_a_takeover_are_one_case_however_many(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->takenOver('bo', 'bench2');
        $studs = array_slice(array_map(fn ($s): string => $s->position, $bench->fold->steps->stepsOf('s1')), 0, 6);
        foreach ($studs as $stud) {
            $bench->reads("s1:$stud:1", '40 lbf·ft');
        }

        self::assertCount(1, $bench->state()->faults);
        self::assertCount(4, $bench->state()->faults[0]->positionsFor(DutyKind::Loosen));
    }

    public function test_what_was_pulled_after_the_end_is_found_and_in_doubt_and_the_run_stays_as_it_was(): void
    {
        $bench = new Bench('07-pump-each-its-own');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '8 lbf·ft']);
        $bench->round('hand');
        foreach (['top', 'left', 'right'] as $bolt) {
            $step = "full:$bolt:1";
            $bench->does('tool_set', ['tool' => 'W1', 'shows' => $bench->fold->plan->step($step)->goal()?->target?->typeset()]);
            $bench->does('click_attested', ['step' => $step, 'tool' => 'W1']);
            $bench->does('tool_set', ['tool' => 'W1', 'shows' => $bench->fold->plan->step($step)->goal()?->target?->typeset(), 'when' => 'after']);
        }
        $bench->does('final_look');
        self::assertTrue($bench->does('run_finished')->isApplied());
        $outcome = $bench->does('click_attested', ['step' => 'full:top:1', 'tool' => 'W1']);

        self::assertSame([SetAsideReason::RunClosed, 1, StepStatus::Done], [$outcome->reason, count($bench->state()->doubts), $bench->state()->status('full:top:1')]);
        self::assertContains('The run is already finished.', $bench->fold->whyNotFinish());
    }

    public function test_a_thread_that_gave_way_while_another_step_stood_stopped_is_a_fault_all_the_same(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '50 lbf·ft');
        $bench->does('gave_way', ['step' => 's1:b2:1']);

        self::assertContains(Fault::GaveWay, array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
    }

    public function test_no_tightening_of_a_trial_is_forgotten_and_what_was_used_up_in_it_is_not_used_in_earnest(): void
    {
        $twice = fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['reuse' => 'up_to', 'cycles' => 2]]]);
        $bench = (new Bench('11-trial-fit', $twice))->round('try_snug', 'try_turn', 'open');
        $bench->reads('gauge:joint:1', '0.0015 in', ['0.0020 in']);
        $bench->round('wiped', 'snug', 'turn');

        self::assertSame([2, []], [$bench->state()->cycles('a'), $bench->state()->faults], 'the same reusable bolts in a trial and in earnest: two');
        $bench->does('loosened', ['positions' => ['a']]);
        self::assertSame(['replace a'], $bench->ways());
    }

    public function test_a_trial_set_is_a_thing_of_its_own_however_often_its_bolts_may_be_used(): void
    {
        $bench = new Bench('11-trial-fit', fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['reuse' => 'free']]]));
        $bench->does('fasteners_fitted', ['positions' => ['a', 'b'], 'set' => 'trial']);
        $bench->round('try_snug', 'try_turn', 'open');
        $bench->reads('gauge:joint:1', '0.0015 in', ['0.0020 in']);
        $bench->round('wiped');

        self::assertSame(['fit a'], $bench->ways());
    }

    public function test_a_verification_pass_names_its_tool_and_setting(): void
    {
        $bench = $this->flywheel();
        $wrong = $bench->copy()->moved('again:f1:1', false, '30 lbf·ft')->judgement();
        self::assertSame([Verdict::Attested, EvidenceGrade::Unknown], [$wrong?->verdict, $wrong?->evidence]);
        self::assertStringContainsString('proves nothing of at least', (string) $wrong?->reason);
        self::assertSame(EvidenceGrade::Unknown, $bench->copy()->does('movement_seen', ['step' => 'again:f1:1', 'moved' => false])->judgement()?->evidence, 'of a tool that nobody named');

        $bench->moved('again:f1:1', false, '30 lbf·ft');
        self::assertContains('step again:f1:1', $bench->ways(), 'it is done again with the right setting, and nothing is loosened');
        self::assertSame(Verdict::NotBelow, $bench->moved('again:f1:1', false)->judgement()?->verdict);
        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_single_verification_pass_is_asked_again_while_the_fastener_moves(): void
    {
        $bench = $this->flywheel(fn (array $d): array => array_replace_recursive($d, ['stages' => [3 => ['repeat_at_most' => 1]]]));
        self::assertSame(Verdict::Failed, $bench->moved('again:f1:1', true)->judgement()?->verdict);
        self::assertStringContainsString('It still moves.', $bench->state()->faults[0]->sentence);
        self::assertSame(Verdict::NotBelow, $bench->moved('again:f1:1', false)->judgement()?->verdict);

        self::assertSame([[], StepStatus::Done], [$bench->state()->faults, $bench->state()->status('again:f1:1')]);
    }

    /** @param  list<array{what: string, value: string}>  $watched */
    #[DataProvider('holds')]
    public function test_a_click_brings_along_what_the_partner_held(array $watched, Verdict $verdict, EvidenceGrade $grade, ?Fault $fault, string $says): void
    {
        $bench = (new Bench('06-wheels-held', fn (array $d): array => array_replace_recursive($d, ['stages' => [2 => ['evidence' => 'one_by_one']]])))->round('snug', 'back');
        $bench->does('second_person_joined', ['second_person' => 'bo']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '60 lbf·ft']);
        $judgement = $bench->does('click_attested', ['step' => 'final:w1:1', 'tool' => 'W1', 'watched' => $watched])->judgement();

        self::assertSame([$verdict, $grade, $fault], [$judgement?->verdict, $judgement?->evidence, $bench->state()->faults[0]->fault ?? null]);
        self::assertStringContainsString($says, (string) $judgement?->reason);
        self::assertStringNotContainsString('short', $fault === null ? '' : $bench->state()->faults[0]->sentence, 'what the partner held is never called short');
    }

    /** @return iterable<string, array{list<array{what: string, value: string}>, Verdict, EvidenceGrade, ?Fault, string}> */
    public static function holds(): iterable
    {
        yield 'as wanted' => [[['what' => 'held_torque', 'value' => '15 lbf.ft']], Verdict::Attested, EvidenceGrade::AttestedOneByOne, null, '60'];
        yield 'too little' => [[['what' => 'held_torque', 'value' => '10 lbf.ft']], Verdict::Low, EvidenceGrade::AttestedOneByOne, Fault::PartnerLetGo, 'The partner held too little: 10'];
        yield 'too much' => [[['what' => 'held_torque', 'value' => '30 lbf.ft']], Verdict::High, EvidenceGrade::AttestedOneByOne, Fault::PartnerLetGo, 'The partner held too much: 30'];
        yield 'nothing said of it' => [[], Verdict::Attested, EvidenceGrade::Unknown, Fault::NotProved, 'torque that the partner held'];
    }

    public function test_low_torque_at_the_end_of_a_turn_is_a_sign_of_giving_way_and_not_short(): void
    {
        $watch = fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['targets' => [['monitored' => [['quantity' => 'torque', 'low' => '60 lbf·ft', 'high' => '110 lbf·ft']]]]]]]);
        $bench = (new Bench('04-head-two-sizes', $watch))->round('snug_large');
        self::assertSame(EvidenceGrade::Unknown, $bench->copy()->reads('turn_large:a2:1', '150°')->judgement()?->evidence);
        $strokes = new Bench('04-head-two-sizes', fn (array $d): array => array_replace_recursive($watch($d), ['stages' => [1 => ['motion' => 'may_ratchet']]]));
        $strokes->round('snug_large');
        self::assertSame(EvidenceGrade::Unknown, $strokes->strokes('turn_large:a2:1', '150°')->judgement()?->evidence, 'a sum of strokes brings no torque along');
        $bench->reads('turn_large:a2:1', '150°', ['40 lbf·ft']);

        self::assertSame(Fault::GaveWay, $bench->state()->faults[0]->fault);
        self::assertStringStartsWith('Too little torque at the end of the turn, a sign of giving way.', $bench->state()->faults[0]->sentence);
    }

    public function test_a_click_with_a_wrong_setting_is_called_that(): void
    {
        $bench = (new Bench('07-pump-each-its-own'))->round('hand');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '3 lbf·ft']);
        $bench->does('click_attested', ['step' => 'full:top:1', 'tool' => 'W1']);

        self::assertStringStartsWith('The tool was set too low.', $bench->state()->faults[0]->sentence);
    }

    public function test_a_dropped_wrench_leaves_its_trace_and_proves_nothing_until_it_was_checked(): void
    {
        $bench = (new Bench('07-pump-each-its-own'))->round('hand');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '8 lbf·ft']);
        $bench->does('fault_reported', ['fault' => 'dropped_wrench', 'at' => 'full:top:1', 'tool' => 'W1']);
        $report = (new RunReport($bench->fold))->toArray();

        self::assertSame([['tool' => 'W1', 'why' => 'the wrench was dropped']], $report['tools_out']);
        self::assertSame(['the wrench was dropped'], array_column((array) $report['reported'], 'fault'));
        self::assertNull($bench->fold->state->settingOf('W1'));
        self::assertSame(EvidenceGrade::Unknown, $bench->copy()->does('click_attested', ['step' => 'full:top:1', 'tool' => 'W1'])->judgement()?->evidence);
        self::assertSame(EvidenceGrade::Unknown, $bench->copy()->does('reading_taken', ['step' => 'full:top:1', 'value' => '8 lbf·ft', 'tool' => 'W1'])->judgement()?->evidence);
        self::assertSame(EvidenceGrade::MeasuredValue, $bench->copy()->does('reading_taken', ['step' => 'full:top:1', 'value' => '8 lbf·ft', 'tool' => 'W2'])->judgement()?->evidence);
    }

    public function test_a_touch_that_undoes_nothing_stands_in_the_report(): void
    {
        $bench = (new Bench('07-pump-each-its-own'))->round('hand');
        $bench->does('fault_reported', ['fault' => 'touched', 'at' => 'hand:top:1']);

        self::assertSame([['touched after its round', 'hand:top:1', 'done']], array_map(fn (array $r): array => [$r['fault'], $r['step'], $r['ended']], (array) (new RunReport($bench->fold))->toArray()['reported']));
    }

    public function test_where_nobody_is_sure_which_have_had_it_none_of_the_round_has(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->reads('s1:b2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'unsure_count', 'at' => 's1:b2:1']);

        self::assertSame(['s1:a2:1', 's1:b2:1'], $bench->state()->unknown());
    }

    public function test_marks_that_the_policy_wants_and_nobody_made_block_finishing(): void
    {
        $bench = $this->flywheel();
        foreach (['f1', 'f4', 'f2', 'f5', 'f3', 'f6'] as $f) {
            $bench->moved("again:$f:1", false);
        }
        self::assertSame(['mark f1', SetAsideReason::StepsMissing], [$bench->ways()[0], $bench->does('run_finished')->reason]);
        $bench->does('marked', ['positions' => ['f1', 'f2', 'f3', 'f4', 'f5'], 'mark' => 'last']);
        $bench->does('final_look');
        self::assertSame(['No. 6: its mark was not made after its last round.'], $bench->fold->whyNotFinish());
        $bench->does('marked', ['positions' => ['f6'], 'mark' => 'last']);
        self::assertSame([], $bench->fold->whyNotFinish());

        $bench->does('loosened', ['positions' => ['f1']]);
        self::assertNull($bench->fold->state->factAt('f1', 'marked_after'), 'a mark belongs to the tightening that it was made for');
    }

    #[DataProvider('newFaults')]
    public function test_every_fault_that_may_be_reported_reaches_as_far_as_it_must(string $fault, string $at, string $stage, int $loosen, bool $lead, string $firstWay): void
    {
        $bench = (new Bench('04-head-two-sizes'))->round('snug_large');
        $bench->does('fault_reported', ['fault' => $fault, 'at' => $at]);
        $case = $bench->state()->faults[0];

        self::assertSame([$fault, $stage, $loosen, $lead, $firstWay], [$case->fault->value, explode(':', $case->step)[0], count($case->positionsFor(DutyKind::Loosen)), $case->leadDecides, $bench->ways()[0]]);
    }

    /** @return iterable<string, array{string, string, string, int, bool, string}> */
    public static function newFaults(): iterable
    {
        yield 'the wrong lubricant concerns its whole group' => ['wrong_lubricant', 'large', 'snug_large', 6, true, 'decide snug_large:b3:1'];
        yield 'a fastener that broke concerns its place' => ['fastener_broke', 'snug_large:b2:1', 'snug_large', 1, true, 'decide snug_large:b2:1'];
        yield 'one that will not start was not tightened' => ['will_not_start', 'e1', 'snug_small', 1, false, 'loosen e1'];
        yield 'a socket that slipped proves nothing of its pull' => ['tool_slipped', 'snug_large:b2:1', 'snug_large', 1, false, 'loosen b2'];
        yield 'a wrench that died in mid-pull neither' => ['wrench_died', 'snug_large:b2:1', 'snug_large', 1, false, 'loosen b2'];
        yield 'nothing is covered before what fell in was found' => ['fell_in', 'joint', 'snug_large', 0, true, 'decide snug_large:b3:1'];
        yield 'a part the wrong way round comes off' => ['wrong_way_round', 'head', 'snug_large', 6, true, 'decide snug_large:b3:1'];
    }

    public function test_what_the_core_alone_can_see_is_not_reported(): void
    {
        $bench = new Bench('12-head-nine-stages');

        self::assertSame(SetAsideReason::WrongAnswer, $bench->does('fault_reported', ['fault' => 'pulled_aside', 'at' => 's1:a2:1'])->reason);
        self::assertSame(SetAsideReason::PlaceUnknown, $bench->does('fault_reported', ['fault' => 'part_moved', 'at' => 'sump'])->reason);
        self::assertSame(SetAsideReason::StepUnknown, $bench->does('fault_reported', ['fault' => 'touched', 'at' => 'sump'])->reason);
        self::assertSame(SetAsideReason::PlaceUnknown, $bench->does('fault_reported', ['fault' => 'did_another', 'at' => 's1:a2:1', 'other' => 'sump'])->reason);
    }

    public function test_where_another_one_was_done_both_are_in_question(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->does('fault_reported', ['fault' => 'did_another', 'at' => 's1:a2:1', 'other' => 'b2']);

        self::assertSame(['loosen b2', 'loosen a2'], $bench->ways(), 'the one that has more than anybody knows, and the one that never had it');
        self::assertSame(StepStatus::Unknown, $bench->state()->status('s1:a2:1'));
    }

    private function flywheel(?callable $change = null): Bench
    {
        $bench = new Bench('05-flywheel-verified', $change);
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'], 'lot' => 'L1']);

        return $bench->round('r1', 'r2', 'r3');
    }
}
