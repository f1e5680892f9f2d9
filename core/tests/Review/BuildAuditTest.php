<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Review;

use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Review\Answer;
use Tekkal\Core\Review\BuildAudit;
use Tekkal\Core\Review\JointEvidence;
use Tekkal\Core\Review\LookedBack;
use Tekkal\Core\Review\Question;
use Tekkal\Core\Review\Reply;
use Tekkal\Core\Review\ToolEvidence;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\CommonPractice;
use Tekkal\Core\Tests\Fixtures\RunDriver;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;

/** What each answer of an audit means: facts of the trade, no source. */
final class BuildAuditTest extends TestCase
{
    public function test_a_complete_run_with_tools_good_before_and_after_answers_every_question_yes(): void
    {
        $answers = $this->answers($this->finished());

        self::assertSame(array_fill(0, 4, Answer::Yes), array_values($answers));
    }

    public function test_a_missing_step_is_a_no_with_the_number_missing(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft', tool: 'torque');
        $reply = $this->reply(Question::EveryStep, $run->fold->freeze());

        self::assertSame(Answer::No, $reply->answer);
        self::assertSame('Main caps: 15 of 16 steps missing.', $reply->reasons[0]->sentence);
    }

    public function test_a_joint_without_any_run_is_a_no_to_the_first_question(): void
    {
        self::assertSame(Answer::No, $this->reply(Question::EveryStep, null)->answer);
    }

    public function test_a_plan_that_was_not_in_force_is_a_no(): void
    {
        $reply = $this->reply(Question::EveryStep, $this->finished(), notInForce: 'revision A was not in force when the run began.');

        self::assertSame(Answer::No, $reply->answer);
    }

    public function test_a_short_bolt_is_a_no_that_names_bolt_round_and_value_until_it_is_redone(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '12', 'lbf.ft');
        $reply = $this->reply(Question::InWindow, $run->fold->freeze());
        self::assertSame(Answer::No, $reply->answer);
        self::assertStringContainsString('Main caps, bolt 1, round 1', $reply->reasons[0]->sentence);
        self::assertStringContainsString("12\u{A0}lbf·ft is short", $reply->reasons[0]->sentence);
        self::assertSame('i1', $reply->reasons[0]->position);

        $run->backOff('snug:i1:1');
        $run->completeAll();
        self::assertSame(Answer::Yes, $this->reply(Question::InWindow, $run->fold->freeze())->answer);
    }

    public function test_good_results_are_counted_by_evidence_grade(): void
    {
        self::assertSame('Main caps: 16 measured and in.', $this->reply(Question::InWindow, $this->finished())->reasons[0]->sentence);
    }

    public function test_a_reading_set_aside_and_not_disposed_of_leaves_doubt(): void
    {
        self::assertSame(Answer::InDoubt, $this->reply(Question::InWindow, $this->finished(), setAside: 1)->answer);
    }

    public function test_a_bolt_done_before_its_turn_is_a_no_to_the_sequence(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i3:1', '15', 'lbf.ft');

        self::assertSame(Answer::No, $this->reply(Question::InSequence, $run->fold->freeze())->answer);
    }

    public function test_a_time_limit_that_cannot_be_proved_leaves_doubt_and_one_that_was_kept_is_said(): void
    {
        $coated = function (bool $onPaper): Bench {
            $bench = new Bench('18-locker-in-time');
            $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['a', 'b', 'c', 'd'], 'lot' => 'L1']);
            $bench->round('fingers');
            $onPaper && $bench->does('paper_begun', ['card' => 'C-0007']);

            return $bench->round('run_down');
        };
        $reply = fn (Bench $bench): Reply => (new BuildAudit([new JointEvidence('Cover', $bench->fold->plan, $bench->state(), null, 0)], [], new DateTimeZone('UTC')))->replies()[2];

        self::assertSame(['Cover: in the plan’s order, and its time limits were kept.'], array_column($reply($coated(false))->reasons, 'sentence'));
        self::assertSame(Answer::InDoubt, $reply($coated(true))->answer);
        self::assertStringContainsString('cannot be proved', $reply($coated(true))->reasons[0]->sentence);
    }

    /** Facts of the trade (common practice, no source): what a look-back found of this very engine is the answer, whatever the tool did elsewhere. */
    public function test_a_tool_that_failed_its_next_calibration_is_answered_by_what_the_look_back_found_here(): void
    {
        $failed = fn (LookedBack ...$back): Reply => $this->reply(Question::ToolsGood, $this->finished(), later: false, back: array_values($back));
        $found = fn (int $in, int $inDoubt, int $out, ?string $decision = null, ?string $since = '2026-02-28'): LookedBack => new LookedBack(1, 'failed its calibration as found', $since === null ? null : Day::of($since), Day::of('2026-10-01'), ['in' => $in, 'in_doubt' => $inDoubt, 'out' => $out], $decision);

        self::assertSame(Answer::InDoubt, $failed()->answer);
        self::assertSame(Answer::Yes, $failed($found(8, 0, 0))->answer);
        self::assertSame(Answer::InDoubt, $failed($found(6, 2, 0, 'use as is'))->answer);
        self::assertSame(Answer::No, $failed($found(4, 3, 1))->answer);
        self::assertSame(Answer::No, $failed($found(8, 0, 0), $found(4, 3, 1), $found(6, 2, 0))->answer, 'of several the gravest');
        self::assertStringEndsWith('but failed its calibration as found: looked back at (case 1), 1 of its 8 results here lies outside, 3 are in doubt; nobody has decided yet what becomes of it.', $failed($found(4, 3, 1))->reasons[0]->sentence);
        self::assertStringEndsWith('all 8 of its results here stay in; decided: use as is.', $failed($found(8, 0, 0, 'use as is'))->reasons[0]->sentence);
        self::assertStringEndsWith('failed its next one on 1 October 2026.', $failed($found(8, 0, 0, null, '2026-03-03'))->reasons[0]->sentence, 'the day lies before the doubtful time');
        self::assertSame(Answer::Yes, $failed($found(8, 0, 0, null, null))->answer, 'nobody knows since when');
    }

    /** Facts of the trade (common practice, no source): what is lost is never read again, so its results do not wait for that; what was set by a wrong standard is not made good by the next calibration. */
    public function test_a_tool_that_no_later_calibration_will_settle_is_answered_by_its_look_back(): void
    {
        $back = fn (string $cause): LookedBack => new LookedBack(2, $cause, Day::of('2026-02-28'), Day::of('2026-04-01'), ['in' => 0, 'in_doubt' => 8, 'out' => 0], 'residual audit');
        $lost = $this->reply(Question::ToolsGood, $this->finished(), later: null, back: [$back('was lost')]);

        self::assertSame(Answer::InDoubt, $lost->answer);
        self::assertSame('W-1 was in calibration, but was lost: looked back at (case 2), 8 are in doubt; decided: residual audit.', $lost->reasons[0]->sentence);
        self::assertSame(Answer::InDoubt, $this->reply(Question::ToolsGood, $this->finished(), back: [$back('was set by a wrong standard')])->answer);
        self::assertSame(Answer::InDoubt, $this->reply(Question::ToolsGood, $this->finished(), later: null, back: [$back('failed its check')])->answer);
        self::assertSame(Answer::InDoubt, $this->reply(Question::ToolsGood, $this->finished(), later: false, back: [$back('failed its check')])->answer);
    }

    public function test_a_tool_that_was_overdue_that_day_is_a_no_with_its_reason(): void
    {
        $reply = $this->reply(Question::ToolsGood, $this->finished('2026-09-01'));

        self::assertSame(Answer::No, $reply->answer);
        self::assertStringContainsString('W-1 was out of calibration on 1 September 2026: its calibration was due by 31 August 2026. It took 8 results.', $reply->reasons[0]->sentence);
    }

    public function test_a_tool_without_a_later_calibration_is_not_yet_and_names_when(): void
    {
        $reply = $this->reply(Question::ToolsGood, $this->finished(), later: null);

        self::assertSame(Answer::NotYet, $reply->answer);
        self::assertStringContainsString('due by 31 August 2026', $reply->reasons[0]->sentence);
    }

    public function test_a_tool_that_failed_its_next_calibration_leaves_doubt(): void
    {
        self::assertSame(Answer::InDoubt, $this->reply(Question::ToolsGood, $this->finished(), later: false)->answer);
    }

    public function test_a_tool_that_the_crib_does_not_know_is_a_no(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft', tool: 'stray');

        self::assertSame(Answer::No, $this->reply(Question::ToolsGood, $run->fold->freeze())->answer);
    }

    private function finished(string $day = '2026-03-02'): RunState
    {
        $run = RunDriver::begun()->completeAll($day);
        $run->fold->decide(new RunFinished(RunDriver::stamp()));

        return $run->fold->freeze();
    }

    /** @return array<string, Answer> */
    private function answers(RunState $state): array
    {
        $answers = [];
        foreach (Question::cases() as $question) {
            $answers[$question->value] = $this->reply($question, $state)->answer;
        }

        return $answers;
    }

    /**
     * @param  bool|null  $later what the tools' next calibration found; null when there was none
     * @param  list<LookedBack>  $back
     */
    private function reply(Question $question, ?RunState $state, ?string $notInForce = null, int $setAside = 0, ?bool $later = true, array $back = []): Reply
    {
        $calibrations = [new Calibration('c1', Day::of('2026-02-28'), Day::of('2026-08-31'), true)];
        if ($later !== null) {
            $calibrations[] = new Calibration('c2', Day::of('2026-10-01'), Day::of('2027-03-31'), $later);
        }
        $tool = fn (string $code): ToolEvidence => new ToolEvidence($code, new CalibrationHistory($calibrations), $back);
        $audit = new BuildAudit(
            [new JointEvidence('Main caps', CommonPractice::plan(), $state, $notInForce, $setAside)],
            ['torque' => $tool('W-1'), 'angle' => $tool('G-1')],
            new DateTimeZone('Europe/London'),
        );
        foreach ($audit->replies() as $reply) {
            if ($reply->question === $question) {
                return $reply;
            }
        }
        self::fail('The audit left a question out.');
    }

    /** Rule of the trade: what was not recorded is not proved, whatever a paper or a permit says of it (domain: "what is not recorded is said as loudly as what is"). */
    public function test_a_joint_outside_the_record_is_a_no_to_the_first_question_and_is_no_result_out_of_its_window(): void
    {
        $paper = new JointEvidence('Head', CommonPractice::plan(), null, null, 0, 'before Tekkal, on paper: 2 November 2026, N. Harrow');
        $done = new JointEvidence('Main caps', CommonPractice::plan(), $this->finished(), null, 0);
        $answers = fn (JointEvidence ...$joints): array => array_map(fn (Reply $r): array => [$r->answer, $r->reasons[0]->sentence], (new BuildAudit(array_values($joints), [], new DateTimeZone('UTC')))->replies());

        [$steps, $windows, $sequence] = $answers($paper);
        self::assertSame([Answer::No, 'Head: before Tekkal, on paper: 2 November 2026, N. Harrow.'], $steps);
        self::assertSame([Answer::NotYet, 'Nothing of it is recorded.'], $windows);
        self::assertSame([Answer::NotYet, 'Nothing of it is recorded.'], $sequence);

        [$steps, $windows] = $answers($done, $paper);
        self::assertSame(Answer::No, $steps[0]);
        self::assertSame(Answer::Yes, $windows[0]);
    }
}
