<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Run\TurnBook;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Hand;

/** Aids, the shaft, adapters, reactions, strokes and second looks: facts of the trade (common practice, no source). */
final class BesideTest extends TestCase
{
    public function test_a_round_waits_until_its_aid_is_in_and_what_was_pulled_without_it_is_not_proved(): void
    {
        $bench = self::rods();
        self::assertSame(['fit_aid bar'], $bench->ways());

        self::assertSame(SetAsideReason::AidNotAsWanted, $bench->reads('snug:r1a:1', '20 N·m')->reason);
        self::assertSame(Fault::PulledAside, $bench->state()->faults[0]->fault);
    }

    public function test_an_aid_of_several_pieces_is_in_when_all_are_and_out_when_none_is(): void
    {
        $bench = new Bench('23-pump-by-crow-foot');
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
        self::assertSame(['fit_aid plugs'], $bench->ways());

        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);
        self::assertSame('step draw:p1:1', $bench->ways()[0]);
        $bench->does('aid_removed', ['aid' => 'plugs', 'at' => 'inlet']);
        self::assertSame(1, $bench->fold->aids->pieces('plugs'));
        $bench->does('aid_removed', ['aid' => 'plugs', 'at' => 'joint']);
        self::assertSame(0, $bench->fold->aids->pieces('plugs'), 'it comes out where alone it is in');
    }

    public function test_the_shaft_is_not_turned_while_a_lock_is_in_and_the_answer_is_set_aside_with_the_reason(): void
    {
        $bench = self::rods();
        $bench->does('aid_fitted', ['aid' => 'bar', 'at' => 'joint']);
        $bench->round('snug', 'turn');
        self::assertSame('aid 3 (the blocking bar at the flange) is in', $bench->fold->state->factAt('joint', TurnBook::STOP.'bar'));

        self::assertSame(SetAsideReason::AidNotAsWanted, $bench->answers('free:rod1:1', true)->reason);
        $bench->does('aid_removed', ['aid' => 'bar', 'at' => 'joint']);
        self::assertNull($bench->fold->state->factAt('joint', TurnBook::STOP.'bar'));
        self::assertTrue($bench->answers('free:rod1:1', true)->isApplied());
    }

    public function test_what_keeps_the_shaft_is_said_with_the_way_to_end_it(): void
    {
        $bench = new Bench('22-rods-stamped-and-traced', fn (array $d): array => ['stages' => [...array_slice($d['stages'], 0, 2), $d['stages'][4], $d['stages'][2], $d['stages'][3], $d['stages'][5]]] + $d);
        foreach (['rod1', 'rod2', 'rod3'] as $rod) {
            self::reads($bench, "rods_read:$rod:1", $rod);
            self::reads($bench, "caps_read:$rod:1", $rod);
        }
        $report = (new RunReport($bench->fold))->toArray();

        self::assertSame(['may_be_turned' => false, 'why_not' => ['the thrust halves are not aligned']], $report['shaft']);
        self::assertSame(['step align:joint:1'], $bench->ways());
        self::assertContains('The shaft must not be turned now: the thrust halves are not aligned.', array_column((array) $report['waiting'], 'why'));
        self::assertSame(SetAsideReason::ShaftHeld, $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'as before'])->reason);

        $bench->answers('align:joint:1', true);
        self::assertTrue($bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'as before'])->isApplied());
    }

    public function test_a_reason_holds_from_the_first_result_of_its_round_until_its_end(): void
    {
        $bench = new Bench('22-rods-stamped-and-traced', fn (array $d): array => array_replace($d, ['turn_stops' => [['key' => 'valves', 'why' => 'the valves would meet the pistons', 'from' => 'rods_read', 'until' => 'align']]]));
        self::assertSame([], $bench->fold->turning->whyNot());

        self::reads($bench, 'rods_read:rod1:1', '1');
        self::assertSame(['valves' => 'the valves would meet the pistons'], $bench->fold->turning->whyNot());
        $bench->answers('align:joint:1', true);
        self::assertSame([], $bench->fold->turning->whyNot());
    }

    public function test_a_shaft_that_was_turned_all_the_same_is_a_finding_and_leaves_a_doubt(): void
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        $outcome = $bench->does('shaft_turned');

        self::assertSame([FindingKind::TurnedWhileHeld], self::found($outcome));
        self::assertSame(['The shaft was turned, though it must not be: the thrust halves are not aligned.'], $bench->state()->doubts);
        $bench->answers('align:joint:1', true);
        self::assertSame([], self::found($bench->does('shaft_turned')));
    }

    public function test_a_run_does_not_finish_while_an_aid_is_in_described_or_not(): void
    {
        $bench = new Bench('07-pump-each-its-own');
        while ($bench->ways() !== ['finish']) {
            (new Hand($bench))->follow($bench->advice()->nextActions()[0]);
        }
        $bench->does('aid_fitted', ['aid' => 'rag', 'at' => 'joint']);

        self::assertSame([['Aid rag is still in.'], ['remove_aid rag']], [$bench->fold->whyNotFinish(), $bench->ways()]);
        self::assertSame(SetAsideReason::StepsMissing, $bench->does('run_finished')->reason);
        $bench->does('aid_removed', ['aid' => 'rag', 'at' => 'joint']);
        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_an_aid_of_the_document_holds_the_end_too_unless_it_stays(): void
    {
        foreach ([['remove_aid plugs'], ['final_look']] as $stays => $ways) {
            $bench = new Bench('23-pump-by-crow-foot', fn (array $d): array => array_replace($d, ['aids' => [['stays' => $stays === 1] + $d['aids'][0]], 'marks' => ['when' => 'none'], 'stages' => [...array_slice($d['stages'], 0, 3), array_diff_key($d['stages'][3], ['remove' => 1])]]));
            while (! in_array($bench->ways()[0], ['final_look', 'remove_aid plugs'], true)) {
                (new Hand($bench))->follow($bench->advice()->nextActions()[0]);
            }
            self::assertSame($ways, $bench->ways());
            self::assertSame([...($stays === 1 ? [] : ['Aid 7 (the port plugs) is still in.']), 'Nobody has compared the heads with the picture since the last of them was done.'], $bench->fold->whyNotFinish());
        }
    }

    public function test_where_a_position_demands_an_adapter_its_setting_is_judged_on_the_longer_lever(): void
    {
        $bench = self::pump();
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '20 N·m']);
        $bench->does('click_attested', ['step' => 'half:p1:1', 'tool' => 'W1']);
        $bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1']);
        self::assertSame(StepStatus::Unknown, $bench->state()->status('half:p4:1'), 'nobody said that the crow-foot was on');

        $bench->does('loosened', ['positions' => ['p4']]);
        // 20 N·m set with 50 mm on 400 mm is 22.5 N·m at the bolt; 17.8 N·m is 20.0.
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '20 N·m', 'adapter' => 'A1', 'when' => 'before']);
        $bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1']);
        self::assertSame(Fault::Over, $bench->state()->faults[0]->fault);
        $bench->does('loosened', ['positions' => ['p4']]);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '17.8 N·m', 'adapter' => 'A1', 'when' => 'before']);
        self::assertTrue($bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1'])->isApplied());
        self::assertSame(StepStatus::Done, $bench->state()->status('half:p4:1'));
    }

    public function test_an_angle_is_the_same_on_any_lever(): void
    {
        $bench = new Bench('23-pump-by-crow-foot', function (array $d): array {
            $d['stages'][2] = ['kind' => 'turn', 'threshold' => '20 N·m', 'targets' => [['target' => '60°', 'window_standard' => 'a'] + $d['stages'][2]['targets'][0]]] + $d['stages'][2];

            return ['marks' => ['when' => 'none']] + $d;
        });
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);
        self::pumped($bench->round('draw'), 'half');
        $bench->does('tool_set', ['tool' => 'W2', 'shows' => '60°']);

        self::assertTrue($bench->does('click_attested', ['step' => 'full:p4:1', 'tool' => 'W2'])->isApplied());
        self::assertSame(StepStatus::Done, $bench->state()->status('full:p4:1'));
    }

    /** 25–31 N·m through a lever of 400 mm + 50 mm is 22.223–27.555 N·m on the wrench: T L/(L + E), FAA AC 43.13-1B, fig. 7-2. */
    public function test_a_torque_that_is_watched_beside_an_angle_is_read_off_the_longer_lever_too(): void
    {
        $verdict = function (string $shown): ?Verdict {
            $bench = new Bench('23-pump-by-crow-foot', function (array $d): array {
                $targets = [['target' => '60°', 'window_standard' => 'a', 'monitored' => [['quantity' => 'torque', 'low' => '25 N·m', 'high' => '31 N·m']]] + $d['stages'][2]['targets'][0]];
                $d['stages'][2] = ['kind' => 'turn', 'threshold' => '20 N·m', 'targets' => $targets] + $d['stages'][2];

                return ['marks' => ['when' => 'none']] + $d;
            });
            $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
            $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);
            self::pumped($bench->round('draw'), 'half');

            return $bench->reads('full:p4:1', '60°', [$shown])->judgement()?->verdict;
        };

        self::assertSame(Verdict::In, $verdict('22.23 N·m'), 'less than the 25 N·m that the bolt gets');
        self::assertNotSame(Verdict::In, $verdict('22.22 N·m'));
        self::assertSame(Verdict::In, $verdict('27.55 N·m'));
        self::assertNotSame(Verdict::In, $verdict('27.56 N·m'), 'good on the wrench alone, too much at the bolt');
    }

    public function test_its_setting_is_read_again_after_and_one_that_has_moved_proves_nothing(): void
    {
        $bench = self::pump();
        $set = fn (string $shows, string $when): Outcome => $bench->does('tool_set', ['tool' => 'W1', 'shows' => $shows, 'adapter' => 'A1', 'when' => $when]);
        $bench->reads('half:p1:1', '20 N·m');
        $set('17.8 N·m', 'before');
        $bench->does('click_attested', ['step' => 'half:p4:1', 'tool' => 'W1']);
        self::assertSame(['read_setting half:p4:1'], $bench->ways());

        $set('17.80 N·m', 'after');
        self::assertSame('step half:p2:1', $bench->ways()[0]);
        $bench->reads('half:p2:1', '20 N·m');
        $bench->reads('half:p5:1', '20 N·m');
        $bench->does('click_attested', ['step' => 'half:p3:1', 'tool' => 'W1']);
        $set('17.2 N·m', 'after');
        self::assertSame([Fault::NotProved, 'half:p3:1'], [$bench->state()->faults[0]->fault, $bench->state()->faults[0]->step]);
        self::assertStringStartsWith('The setting of the tool was another one after it than before.', $bench->state()->faults[0]->sentence);
    }

    public function test_a_fastener_that_took_the_reaction_is_in_doubt_until_somebody_has_looked_at_it(): void
    {
        $bench = self::pump();
        $bench->reads('half:p1:1', '20 N·m');
        $bench->does('reading_taken', ['step' => 'half:p4:1', 'value' => '17.8 N·m', 'tool' => 'W1', 'adapter' => 'A1', 'reaction' => 'p1']);
        $case = $bench->state()->faults[0];

        self::assertSame([Fault::TookReaction, ['p1'], StepStatus::Unknown, StepStatus::Done], [$case->fault, $case->positionsFor(DutyKind::Inspect), $bench->state()->status('half:p1:1'), $bench->state()->status('half:p4:1')]);
        self::assertTrue($bench->reads('half:p2:1', '20 N·m')->isApplied(), 'the others go on');
        self::assertContains('inspect p1', $bench->ways());
        $bench->does('inspected', ['at' => 'p1', 'finds' => 'sound']);
        self::assertSame([[], StepStatus::Done], [$bench->state()->faults, $bench->state()->status('half:p1:1')]);
    }

    public function test_what_a_pull_that_could_not_count_did_to_another_is_not_forgotten(): void
    {
        $bench = self::pump();
        $bench->reads('half:p1:1', '20 N·m');
        $outcome = $bench->does('reading_taken', ['step' => 'full:p2:1', 'value' => '40 N·m', 'tool' => 'W1', 'reaction' => 'p1']);

        self::assertSame(SetAsideReason::EarlierRoundMissing, $outcome->reason);
        self::assertContains(Fault::TookReaction, array_map(fn ($c): Fault => $c->fault, $bench->state()->faults));
    }

    public function test_a_reaction_against_the_same_fastener_or_one_that_is_loose_harms_nothing(): void
    {
        $bench = self::pump();
        $bench->does('reading_taken', ['step' => 'half:p1:1', 'value' => '20 N·m', 'tool' => 'W1', 'reaction' => 'p1']);
        $bench->does('reading_taken', ['step' => 'half:p4:1', 'value' => '17.8 N·m', 'tool' => 'W1', 'adapter' => 'A1', 'reaction' => 'p6']);

        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_stroke_stands_for_its_round_and_crosses_the_one_before(): void
    {
        $bench = self::pump();
        self::pumped($bench, 'half');
        self::assertSame(SetAsideReason::MarkMissing, $bench->does('marked', ['positions' => ['p1'], 'mark' => 'full'])->reason, 'its round was not done');
        self::assertSame('mark p1', $bench->ways()[0]);

        $bench->does('marked', ['positions' => ['p1', 'p2', 'p3', 'p4', 'p5'], 'mark' => 'half']);
        self::assertSame('Mark no. 6: a yellow line on the head.', $bench->advice()->nextActions()[0]->sentence);
        self::pumped($bench, 'full');
        self::assertSame(SetAsideReason::MarkMissing, $bench->does('marked', ['positions' => ['p6'], 'mark' => 'full'])->reason, 'what it crosses is not there');
        $bench->does('marked', ['positions' => ['p6'], 'mark' => 'half']);
        self::assertTrue($bench->does('marked', ['positions' => ['p6'], 'mark' => 'full'])->isApplied());
    }

    public function test_no_stroke_is_made_where_its_round_has_nothing_to_do(): void
    {
        $five = ['p1', 'p4', 'p2', 'p5', 'p3'];
        $bench = new Bench('23-pump-by-crow-foot', function (array $d) use ($five): array {
            $d['stages'][1] = ['targets' => [['positions' => $five] + array_diff_key($d['stages'][1]['targets'][0], ['group' => 1])], 'sequence' => $five] + $d['stages'][1];

            return $d;
        });
        self::assertSame(SetAsideReason::MarkMissing, $bench->does('marked', ['positions' => ['p6'], 'mark' => 'half'])->reason);
    }

    public function test_what_was_loosened_has_none_of_its_strokes_any_more(): void
    {
        $bench = self::pump();
        self::pumped($bench, 'half');
        $bench->does('marked', ['positions' => ['p1'], 'mark' => 'half']);
        $bench->does('loosened', ['positions' => ['p1']]);
        $bench->attests('draw:p1:1');
        $bench->reads('half:p1:1', '20 N·m');

        self::assertContains('p1', array_map(fn ($m): string => $m->position, $bench->fold->marks->wanting()));
    }

    public function test_a_second_person_looks_before_what_needs_the_round_and_nobody_at_their_own_work(): void
    {
        $bench = self::pump();
        self::pumped($bench, 'half');
        $bench->does('marked', ['positions' => ['p1', 'p2', 'p3', 'p4', 'p5', 'p6'], 'mark' => 'half']);
        self::pumped($bench, 'full');
        $all = array_map(fn (string $p): string => "full:$p:1", ['p1', 'p2', 'p3', 'p4', 'p5', 'p6']);
        self::assertSame('second_look full', $bench->ways()[0]);
        self::assertSame(SetAsideReason::WaitsForOther, $bench->answers('ports:joint:1', true)->reason);

        self::assertSame(SetAsideReason::OwnWork, $bench->does('second_look', ['steps' => $all, 'finds' => 'as_recorded'])->reason);
        self::assertTrue($bench->does('second_look', ['steps' => $all, 'finds' => 'as_recorded'], 'cy')->isApplied());
        self::assertSame([], $bench->fold->steps->unlooked('full'));
    }

    public function test_where_the_second_person_sees_something_else_it_is_not_proved_and_a_new_pull_wants_a_new_look(): void
    {
        $bench = self::pump();
        self::pumped($bench, 'half');
        $bench->does('marked', ['positions' => ['p1', 'p2', 'p3', 'p4', 'p5', 'p6'], 'mark' => 'half']);
        self::pumped($bench, 'full');
        $bench->does('second_look', ['steps' => ['full:p1:1', 'full:p2:1'], 'finds' => 'as_recorded'], 'cy');
        $bench->does('second_look', ['steps' => ['full:p1:1'], 'finds' => 'differs'], 'cy');
        self::assertStringStartsWith('A second person saw something else than the record says.', $bench->state()->faults[0]->sentence);

        $bench->does('loosened', ['positions' => ['p1']]);
        $bench->reads('full:p1:1', '40 N·m');
        self::assertSame(['full:p1:1', 'full:p4:1', 'full:p5:1', 'full:p3:1', 'full:p6:1'], $bench->fold->steps->unlooked('full'));
        self::assertSame(SetAsideReason::StepsMissing, $bench->does('second_look', ['steps' => ['ports:joint:1'], 'finds' => 'as_recorded'], 'cy')->reason, 'what was not done is looked at by nobody');
    }

    public function test_a_little_at_a_time_is_attested_as_a_round_and_a_long_stroke_is_found(): void
    {
        $bench = new Bench('23-pump-by-crow-foot');
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);
        self::assertSame([], self::found($bench->strokes('draw:p1:1', '90°')));
        self::assertSame(StepStatus::UnderWay, $bench->state()->status('draw:p1:1'));
        self::assertSame([FindingKind::LongStroke], self::found($bench->strokes('draw:p4:1', '180°')));

        self::assertTrue($bench->does('round_attested', ['stage' => 'draw', 'marks' => 6])->isApplied());
        self::assertSame('step half:p1:1', $bench->ways()[0]);
    }

    /** Stamps read and thrust aligned; the first rod is next. */
    private static function rods(): Bench
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        foreach (['rod1', 'rod2', 'rod3'] as $rod) {
            self::reads($bench, "rods_read:$rod:1", $rod);
            self::reads($bench, "caps_read:$rod:1", $rod);
        }
        $bench->answers('align:joint:1', true);

        return $bench;
    }

    /** Drawn down, plugs in. */
    private static function pump(): Bench
    {
        $bench = new Bench('23-pump-by-crow-foot');
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);

        return $bench->round('draw');
    }

    /** Every bolt of a round, those behind the crow-foot with it. */
    private static function pumped(Bench $bench, string $stage): void
    {
        foreach ($bench->fold->steps->stepsOf($stage) as $step) {
            $adapter = $bench->fold->judge->adapter($step);
            $target = $step->goal()->target ?? null;
            if ($target !== null && $bench->fold->steps->status($step)->isOpen()) {
                $bench->does('reading_taken', ['step' => $step->id, 'value' => ($adapter?->settingFor($target) ?? $target)->typeset(), 'tool' => 'W9'] + ($adapter === null ? [] : ['adapter' => 'A1']));
            }
        }
    }

    private static function reads(Bench $bench, string $step, string $stamp): void
    {
        $bench->does('identity_read', ['step' => $step, 'reads' => $stamp]);
    }

    /** @return list<FindingKind> */
    private static function found(Outcome $outcome): array
    {
        return array_values(array_map(fn (Found $f): FindingKind => $f->kind, array_filter($outcome->effects, fn ($e): bool => $e instanceof Found)));
    }
}
