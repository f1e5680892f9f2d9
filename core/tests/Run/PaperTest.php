<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Tests\Fixtures\Bench;

/** A job worked on paper: one writes it down, one types it in, another compares, and it is known as copied for ever (common practice, no source). */
final class PaperTest extends TestCase
{
    public function test_a_value_that_was_written_down_is_known_less_well_than_one_typed_live_and_says_so_for_ever(): void
    {
        $bench = (new Bench('12-head-nine-stages'));
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->reads('s1:b2:1', '40 lbf·ft');
        $bench->does('paper_ended');
        $bench->reads((string) $bench->next(), '40 lbf·ft');
        $then = $bench->fold->state->lastLive()->stood->step ?? '';

        self::assertSame([EvidenceGrade::MeasuredValue, EvidenceGrade::Transcribed, EvidenceGrade::MeasuredValue], array_map(fn (string $step): ?EvidenceGrade => $bench->fold->state->live($step)?->judgement->evidence, ['s1:a2:1', 's1:b2:1', $then]));
        self::assertSame([ReadingSource::Typed, ReadingSource::Transcribed], array_map(fn (string $at): ?ReadingSource => $bench->fold->state->live("s1:$at:1")?->given->source, ['a2', 'b2']));
        self::assertSame(['s1:b2:1' => 'C-0007'], $bench->fold->state->facts('copied'));
        $bench->compares();
        self::assertSame(EvidenceGrade::Transcribed, $bench->fold->state->live('s1:b2:1')?->judgement->evidence, 'comparing it makes it no better known');
    }

    public function test_the_grades_stand_from_the_best_known_to_the_least(): void
    {
        foreach ([EvidenceGrade::Curve, EvidenceGrade::MeasuredValue] as $better) {
            self::assertSame(EvidenceGrade::Transcribed, $better->weaker(EvidenceGrade::Transcribed), $better->value);
        }
        self::assertSame(EvidenceGrade::AttestedOneByOne, EvidenceGrade::AttestedOneByOne->weaker(EvidenceGrade::Transcribed), 'a tick on paper is a word, and no better than one');
    }

    public function test_a_word_that_was_written_down_stays_a_word_and_names_its_card(): void
    {
        $bench = new Bench('18-locker-in-time');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->does('round_attested', ['stage' => 'fingers', 'marks' => 4]);

        self::assertSame(EvidenceGrade::AttestedAsRound, $bench->fold->state->live('fingers:a:1')?->judgement->evidence);
        self::assertCount(4, $bench->fold->state->facts('copied'));
    }

    public function test_a_short_value_is_short_on_paper_too(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->reads('s1:a2:1', '30 lbf·ft');

        self::assertSame('s1:a2:1', $bench->fold->stoppedAt());
    }

    public function test_how_long_a_locker_lay_open_is_in_doubt_however_fast_it_is_typed(): void
    {
        $bench = self::coated();
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->round('run_down');

        self::assertNotSame([], self::doubts($bench), 'put on live, pulled on paper: nobody can say when');
        self::assertSame([], self::doubts(self::coated()->round('run_down')), 'the same live is proved');
    }

    public function test_nor_does_what_was_put_on_by_a_card_prove_anything_to_a_pull_that_is_live(): void
    {
        $bench = (new Bench('18-locker-in-time'));
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['a', 'b', 'c', 'd'], 'lot' => 'L1']);
        $bench->round('fingers');
        $bench->does('paper_ended');
        self::assertSame([], $bench->fold->expiry->running(), 'no clock is shown for it');
        $bench->round('run_down');

        self::assertNotSame([], self::doubts($bench));
    }

    public function test_a_locker_that_dried_meanwhile_by_the_clock_of_whoever_types_is_no_fault_of_the_work(): void
    {
        $bench = self::coated();
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->wait(20 * 60)->round('run_down');

        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_settling_time_that_stands_on_paper_is_said_and_not_measured(): void
    {
        $bench = self::coated();
        $bench->round('run_down', 'full');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->attests('set:joint:1');
        $live = $bench->fold->state->live('set:joint:1');

        self::assertSame([EvidenceGrade::AttestedOneByOne, 'Said to have settled; the time is in doubt, since no one clock ran through it.'], [$live?->judgement->evidence, $live?->judgement->reason]);
    }

    public function test_nobody_finishes_before_somebody_else_has_compared_it_with_the_card(): void
    {
        $bench = self::copied();
        self::assertSame(['compare joint'], $bench->ways());
        $bench->does('paper_ended');
        self::assertStringEndsWith(' results were copied from card C-0007, and nobody else has compared them with it.', $bench->fold->whyNotFinish()[0]);
        self::assertSame(SetAsideReason::StepsMissing, $bench->does('run_finished')->reason);

        self::assertSame(SetAsideReason::OwnWork, $bench->compares('ann')->reason, 'not by whoever typed it');
        self::assertTrue($bench->compares()->isApplied());
        self::assertSame(SetAsideReason::NothingToCompare, $bench->compares('eve')->reason);
        self::assertSame(['finish'], $bench->ways());
    }

    public function test_a_card_that_is_taken_up_is_put_down_before_the_end(): void
    {
        $bench = self::copied();
        $bench->compares();
        self::assertSame(['Card C-0007 is still being typed in.'], $bench->fold->whyNotFinish());
        self::assertSame(['compare joint'], $bench->ways());
        $bench->does('paper_ended');

        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_what_is_not_named_was_not_compared(): void
    {
        $bench = self::copied();
        $one = $bench->fold->state->live('r1:f1:1')?->id();
        $bench->does('transcript_compared', ['readings' => [$one], 'device' => null, 'clock' => null, 'mono_ms' => null], 'dee');

        self::assertNotContains('r1:f1:1', $bench->fold->paper->uncompared());
        self::assertContains('r1:f2:1', $bench->fold->paper->uncompared());
    }

    public function test_a_value_that_was_typed_wrongly_is_taken_back_and_the_new_one_compared_again(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->compares();
        $bench->does('reading_withdrawn', ['reading' => $bench->fold->state->live('s1:a2:1')?->id(), 'step' => 's1:a2:1', 'reason' => 'typing_error']);
        self::assertSame(AttemptStatus::Withdrawn, $bench->fold->state->attemptsAt('s1:a2:1')[0]->status);
        $bench->reads('s1:a2:1', '41 lbf·ft');

        self::assertSame(['s1:a2:1'], $bench->fold->paper->uncompared());
    }

    public function test_what_is_done_again_live_needs_no_card(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->reads('s1:a2:1', '30 lbf·ft');
        $bench->does('paper_ended');
        $bench->does('backed_off', ['step' => 's1:a2:1']);
        $bench->reads('s1:a2:1', '40 lbf·ft');

        self::assertSame([[], []], [$bench->fold->paper->uncompared(), $bench->fold->state->facts('copied')]);
    }

    public function test_one_card_is_typed_in_at_a_time(): void
    {
        $bench = new Bench('12-head-nine-stages');
        self::assertSame([], $bench->does('paper_ended')->effects, 'where none was taken up, none is put down');
        $bench->does('paper_begun', ['card' => 'C-0007']);

        self::assertSame(SetAsideReason::CardOpen, $bench->does('paper_begun', ['card' => 'C-0008'])->reason);
        self::assertSame('C-0007', $bench->fold->paper->card());
    }

    public function test_replayed_it_comes_to_the_same_with_what_was_typed_known_as_typed(): void
    {
        $bench = self::copied();
        $again = new RunFold($bench->fold->plan);
        foreach ($bench->history as [$event, $outcome]) {
            $again->apply($event->stamp, $outcome);
        }

        self::assertEquals(StateCodec::toBody($bench->fold->state), StateCodec::toBody($again->state));
    }

    private static function coated(): Bench
    {
        $bench = (new Bench('18-locker-in-time'));
        $bench->does('agent_applied', ['agent' => 'locker', 'positions' => ['a', 'b', 'c', 'd'], 'lot' => 'L1']);

        return $bench->round('fingers');
    }

    /** All of it on one card, up to the last look. */
    private static function copied(): Bench
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->does('paper_begun', ['card' => 'C-0007']);
        $bench->round('r1', 'r2', 'r3');
        foreach ($bench->fold->steps->stepsOf('again') as $step) {
            $bench->moved($step->id, false);
        }
        $bench->does('marked', ['positions' => array_map(strval(...), array_keys($bench->fold->plan->positions)), 'mark' => 'last']);
        $bench->does('final_look');

        return $bench;
    }

    /** @return list<string> */
    private static function doubts(Bench $bench): array
    {
        $found = array_filter(array_merge([], ...array_map(fn (array $h): array => $h[1]->effects, $bench->history)), fn ($e): bool => $e instanceof Found && $e->kind === FindingKind::LimitUnproved);

        return array_values(array_map(fn (Found $f): string => $f->sentence, $found));
    }
}
