<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Effect\Undone;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\PaintMarks;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\CommonPractice;
use Tekkal\Core\Tests\Fixtures\RunDriver;

/** Rules of the bench: facts of the trade (common practice, no source) unless a test names another. */
final class RunFoldTest extends TestCase
{
    public function test_a_good_reading_does_its_step_and_the_next_in_sequence_comes_up(): void
    {
        $run = RunDriver::begun();
        $outcome = $run->read('snug:i1:1', '15.2', 'lbf.ft');
        $state = $run->fold->freeze();

        self::assertSame(Verdict::In, $outcome->judgement()?->verdict);
        self::assertSame(EvidenceGrade::MeasuredValue, $outcome->judgement()->evidence);
        self::assertSame('snug:i2:1', $run->fold->nextStep()?->id);
        self::assertSame(StepStatus::Done, $state->status('snug:i1:1'));
    }

    public function test_a_short_pull_stops_the_run_at_its_step(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '12', 'lbf.ft');

        self::assertSame('snug:i1:1', $run->fold->stoppedAt());
        self::assertSame('snug:i1:1', $run->fold->nextStep()?->id);
    }

    /** Static friction exceeds dynamic: a click got by nudging a stopped bolt is false. */
    public function test_a_stopped_bolt_takes_no_second_reading_until_it_is_backed_off(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '12', 'lbf.ft');

        self::assertSame(SetAsideReason::NotBackedOff, $run->read('snug:i1:1', '15', 'lbf.ft')->reason);
        self::assertSame(SetAsideReason::NotBackedOff, $run->read('snug:i2:1', '15', 'lbf.ft')->reason, 'nor does any other bolt');
    }

    public function test_backed_off_and_redone_is_a_new_attempt_and_the_old_one_stays(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '12', 'lbf.ft');
        $run->backOff('snug:i1:1');
        $run->read('snug:i1:1', '15', 'lbf.ft');
        $attempts = $run->fold->freeze()->attemptsAt('snug:i1:1');

        self::assertSame([1, 2], array_map(fn ($a): int => $a->number, $attempts));
        self::assertSame([AttemptStatus::BackedOff, AttemptStatus::Live], array_map(fn ($a): AttemptStatus => $a->status, $attempts));
        self::assertSame(Verdict::Low, $attempts[0]->judgement->verdict);
    }

    /** The angle counts from the threshold torque; a loose bolt has lost both. */
    public function test_backing_off_after_a_turn_undoes_the_torque_it_counted_from(): void
    {
        $run = RunDriver::begun();
        foreach (['i1', 'i2', 'i3', 'i4', 'o1', 'o2', 'o3', 'o4'] as $bolt) {
            $run->read("snug:$bolt:1", '15', 'lbf.ft');
        }
        $run->read('turn:i1:1', '80', 'deg');
        $run->read('turn:i2:1', '99', 'deg');
        $undone = array_filter($run->backOff('turn:i2:1')->effects, fn ($e): bool => $e instanceof Undone);
        self::assertSame(['snug:i2:1', 'turn:i2:1'], array_values(array_map(fn (Undone $u): string => $u->step, $undone)));
        $state = $run->fold->freeze();

        self::assertSame('snug:i2:1', $run->fold->nextStep()?->id);
        self::assertSame(StepStatus::ToDo, $state->status('turn:i2:1'));
        self::assertSame(StepStatus::Done, $state->status('turn:i1:1'), 'other bolts keep what they have');
    }

    public function test_nothing_is_backed_off_where_nothing_stopped(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft');

        self::assertSame(SetAsideReason::NothingToBackOff, $run->backOff('snug:i1:1')->reason);
    }

    public function test_a_step_done_before_its_turn_counts_and_is_marked_out_of_sequence(): void
    {
        $run = RunDriver::begun();
        $outcome = $run->read('snug:i3:1', '15', 'lbf.ft');

        self::assertTrue($outcome->isApplied());
        self::assertTrue($run->fold->steps->live('snug:i3:1')?->stood->early);
        self::assertSame('snug:i1:1', $run->fold->nextStep()?->id);
    }

    public function test_a_turn_before_its_torque_is_set_aside(): void
    {
        self::assertSame(SetAsideReason::EarlierRoundMissing, RunDriver::begun()->read('turn:i1:1', '80', 'deg')->reason);
    }

    public function test_a_step_already_done_is_not_done_again(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft');

        self::assertSame(SetAsideReason::StepAlreadyDone, $run->read('snug:i1:1', '15', 'lbf.ft')->reason);
    }

    public function test_degrees_at_a_torque_step_are_set_aside(): void
    {
        self::assertSame(SetAsideReason::WrongQuantity, RunDriver::begun()->read('snug:i1:1', '80', 'deg')->reason);
    }

    public function test_a_step_that_the_plan_lacks_is_set_aside(): void
    {
        self::assertSame(SetAsideReason::StepUnknown, RunDriver::begun()->read('snug:zz:1', '15', 'lbf.ft')->reason);
    }

    public function test_only_the_device_that_holds_the_run_moves_it(): void
    {
        $run = RunDriver::begun();
        self::assertSame(SetAsideReason::OtherDeviceHolds, $run->read('snug:i4:1', '15', 'lbf.ft', device: 'bench2')->reason);

        $run->fold->decide(new RunTakenOver(new Stamp('bob', 'bench2', new DateTimeImmutable('2026-03-02'))));
        self::assertTrue($run->read('snug:i1:1', '15', 'lbf.ft', device: 'bench2')->isApplied());
        self::assertSame(SetAsideReason::OtherDeviceHolds, $run->read('snug:i2:1', '15', 'lbf.ft')->reason);
    }

    public function test_a_run_begins_once(): void
    {
        self::assertSame(SetAsideReason::RunAlreadyBegun, RunDriver::begun()->fold->decide(new RunBegun(new Stamp('bob', 'bench2', new DateTimeImmutable('2026-03-02'))))->reason);
        self::assertSame(SetAsideReason::RunNotBegun, (new RunDriver(CommonPractice::plan()))->read('snug:i1:1', '15', 'lbf.ft')->reason);
    }

    public function test_a_typed_reading_is_withdrawn_and_its_step_opens_again(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15.2', 'lbf.ft');
        $run->fold->decide(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1'));
        $state = $run->fold->freeze();

        self::assertSame('snug:i1:1', $run->fold->nextStep()?->id);
        self::assertSame(AttemptStatus::Withdrawn, $state->attemptsAt('snug:i1:1')[0]->status, 'it stays visible');
    }

    public function test_an_out_of_window_value_is_withdrawn_only_before_a_second_person(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '1.52', 'lbf.ft');

        self::assertStringContainsString('second person', (string) $run->fold->whyNoWithdrawal(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1')));
        self::assertStringContainsString('somebody else', (string) $run->fold->whyNoWithdrawal(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1', null, 'ann')));
        self::assertNull($run->fold->whyNoWithdrawal(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1', null, 'bob')));
    }

    public function test_a_value_that_a_tool_sent_is_never_withdrawn(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft', source: ReadingSource::SimulatedTool);

        self::assertStringContainsString('never withdrawn', (string) $run->fold->whyNoWithdrawal(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1', null, 'bob')));
    }

    public function test_a_torque_on_which_a_turn_already_stands_is_not_withdrawn(): void
    {
        $run = RunDriver::begun()->completeAll();

        self::assertStringContainsString('later round', (string) $run->fold->whyNoWithdrawal(new ReadingWithdrawn(RunDriver::stamp(), 'r1', 'snug:i1:1')));
    }

    public function test_a_run_is_finished_only_when_every_step_is_done(): void
    {
        $run = RunDriver::begun();
        self::assertSame('16 of 16 steps are not done.', (new Advice($run->fold))->whyNotFinish());
        self::assertSame(SetAsideReason::StepsMissing, $run->fold->decide(new RunFinished(RunDriver::stamp()))->reason);

        $run->completeAll();
        self::assertNull((new Advice($run->fold))->whyNotFinish());
        self::assertTrue($run->fold->decide(new RunFinished(RunDriver::stamp()))->isApplied());
        self::assertSame(SetAsideReason::RunClosed, $run->read('snug:i1:1', '15', 'lbf.ft')->reason);
    }

    public function test_paint_marks_are_a_stroke_per_round_an_old_stroke_per_redo_and_a_broken_ring_per_fault(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '12', 'lbf.ft');
        $run->backOff('snug:i1:1');
        $run->read('snug:i1:1', '15', 'lbf.ft');
        $run->read('snug:i2:1', '19', 'lbf.ft');
        $marks = PaintMarks::of($run->fold->freeze());

        self::assertSame([EvidenceGrade::MeasuredValue], $marks['i1']->strokes);
        self::assertSame(1, $marks['i1']->oldStrokes);
        self::assertNull($marks['i1']->fault);
        self::assertSame(Verdict::High, $marks['i2']->fault);
        self::assertSame([], $marks['i3']->strokes);
    }
}
