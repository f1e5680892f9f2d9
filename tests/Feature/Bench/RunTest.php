<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Library\Actions\ApproveRevision;
use App\People\Actions\EndSitting;
use App\Record\Models\AsideReading;
use App\Record\Models\Finding;
use App\Record\Models\Result;
use App\Record\Models\Run;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

final class RunTest extends FeatureTestCase
{
    public function test_a_sheet_counts_as_shown_only_what_it_shows_though_a_reading_comes_in_while_it_is_made(): void
    {
        $bench = $this->world->bench($this->world->device('Bench 9'), '1042')->ready($this->world->job($this->world->build('TN3-26-0009'), '1042'));
        $seen = $bench->show()['last_seq'];
        $armed = true;
        // The permits are asked for after the run's entries were read.
        DB::listen(function (QueryExecuted $query) use (&$armed, $bench): void {
            if ($armed && str_contains($query->sql, 'from `permits`')) {
                $armed = false;
                $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
            }
        });
        $sheet = $bench->show();

        self::assertFalse($armed, 'No reading came in meanwhile.');
        self::assertNull($sheet['view']['last']);
        self::assertSame($seen, $sheet['last_seq']);
        self::assertSame($seen + 1, $bench->show()['last_seq']);
    }

    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->bench()->ready($this->world->job($this->world->build()));
    }

    public function test_a_good_reading_is_applied_and_answered_with_its_leaf_hash(): void
    {
        $answer = $this->bench->send($this->bench->reading('snug:c2a:1', '32.1'));
        $outcome = $answer->assertOk()->json('outcomes.0');

        self::assertSame(['applied', 'in', []], [$outcome['standing'], BenchActor::verdict($answer), BenchActor::found($answer)]);
        self::assertSame('good', $outcome['say'][0]['tone']);
        self::assertSame(DB::table('ledger_entries')->where('entry_id', $outcome['id'])->value('leaf_hash'), $outcome['leaf_hash']);
        self::assertSame('snug:c3b:1', $this->bench->show()['view']['next_step']);
    }

    public function test_a_short_pull_stops_the_run_and_a_redo_is_a_new_attempt(): void
    {
        self::assertSame('low', BenchActor::verdict($this->bench->send($this->bench->reading('snug:c2a:1', '27.4', change: ['device_says' => ['standing' => 'applied', 'verdict' => 'low']]))));
        self::assertSame('snug:c2a:1', $this->bench->show()['view']['stopped_at']);

        $this->bench->send($this->bench->observation('backed_off', 'snug:c2a:1'), $this->bench->reading('snug:c2a:1', '31.9'))->assertOk();
        self::assertNull($this->bench->show()['view']['stopped_at']);
        self::assertSame([['backed_off', 1], ['live', 2]], Result::query()->get()->sortBy('attempt')->map(fn (Result $r): array => [$r->status, $r->getAttribute('attempt')])->values()->all());
    }

    public function test_a_second_pull_without_backing_off_is_set_aside_with_its_reason(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '27.4'));
        $this->bench->send($this->bench->reading('snug:c2a:1', '31.9'))->assertOk()
            ->assertJsonPath('outcomes.0.standing', 'set_aside')
            ->assertJsonPath('outcomes.0.say.0.sentence', 'A step had stopped and its fastener had not been backed off. Still wanting: no. 1 loosened.');
        self::assertSame(1, AsideReading::query()->count());
    }

    public function test_a_step_already_done_is_set_aside(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'));
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertJsonPath('outcomes.0.say.0.sentence', 'The step was already done.');
    }

    public function test_a_reading_of_another_build_is_set_aside(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['subject' => (string) Str::uuid7()]))
            ->assertJsonPath('outcomes.0.say.0.sentence', 'It names another build than its run.');
    }

    public function test_a_reading_of_a_run_that_nobody_knows_waits_in_the_tray(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['run' => (string) Str::uuid7()]))->assertJsonPath('outcomes.0.standing', 'tray');

        self::assertSame('tool/'.$this->world->tools['TW-04'], DB::table('ledger_entries')->where('standing', 'tray')->value('stream'));
        $this->world->desk('lead', 'GET', 'audit')->assertJsonCount(1, 'tray');
    }

    public function test_a_reading_for_a_finished_run_is_set_aside(): void
    {
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertJsonPath('outcomes.0.say.0.sentence', 'The run was closed before this arrived.');
    }

    public function test_another_device_takes_the_run_over_and_what_the_first_still_sends_is_set_aside(): void
    {
        $second = $this->world->bench($this->world->device('Bench 2'), '1042');
        $second->run = $this->bench->run;
        $second->command("runs/$second->run/take-over")->assertOk();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertJsonPath('outcomes.0.say.0.sentence', 'Another device had taken the run over.');
        $second->send($second->reading('snug:c2a:1', '32.0'))->assertJsonPath('outcomes.0.standing', 'applied');
        $this->bench->take('torque', 'TW-04')->assertJsonPath('outcomes.0.standing', 'set_aside');
    }

    /** The bench asks before it is taken; once it was, that is what happened, and the lead is told. */
    #[DataProvider('unfit')]
    public function test_an_unfit_tool_that_was_taken_is_kept_and_flagged_with_the_reason(string $tool, string $sentence): void
    {
        $answer = $this->bench->prepared()->take('torque', $tool)->assertJsonPath('outcomes.0.standing', 'applied');

        self::assertSame(['tool_not_fit'], BenchActor::found($answer));
        self::assertStringContainsString($sentence, (string) Finding::query()->where('kind', 'tool_not_fit')->value('sentence'));
        self::assertSame('tool', $this->bench->show()['view']['call']['kind'], 'another one is asked for');
    }

    /** @return iterable<string, array{string, string}> */
    public static function unfit(): iterable
    {
        yield 'overdue' => ['TW-07', 'TW-07 is out of calibration: its calibration was due by 1 May 2026.'];
        yield 'out of range' => ['TW-09', "TW-09 is for 2–20\u{A0}N·m; 32\u{A0}N·m lies above that."];
        yield 'of another kind' => ['AG-02', 'AG-02'];
    }

    /** Software refuses nothing that has already happened. */
    public function test_a_reading_of_an_overdue_tool_that_arrives_all_the_same_is_kept_and_flagged(): void
    {
        $answer = $this->bench->send($this->bench->reading('snug:c2a:1', '23.5', 'TW-07'))->assertJsonPath('outcomes.0.standing', 'applied');
        self::assertSame(['tool_not_fit', 'tool_not_taken'], BenchActor::found($answer));

        self::assertSame(2, Finding::query()->count());
    }

    public function test_the_server_judges_again_and_its_verdict_stands(): void
    {
        $answer = $this->bench->send($this->bench->reading('snug:c2a:1', '29.9', change: ['device_says' => ['standing' => 'applied', 'verdict' => 'in']]));
        self::assertSame(['low', ['verdict_disagrees']], [BenchActor::verdict($answer), BenchActor::found($answer)]);
    }

    public function test_a_simulated_reading_says_so_in_the_record(): void
    {
        $id = $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['source' => 'simulated_tool']))->json('outcomes.0.id');

        self::assertStringContainsString('"simulated":true', (string) DB::table('ledger_entries')->where('entry_id', $id)->value('body'));
    }

    public function test_the_outbox_outlives_the_sitting_and_later_events_are_flagged(): void
    {
        $before = $this->bench->reading('snug:c2a:1', '32.0');
        app(EndSitting::class)($this->bench->sitting, $before['device_seq']);
        self::assertSame([], BenchActor::found($this->bench->sendAsIs($before)));
        self::assertSame(['after_sitting'], BenchActor::found($this->bench->send($this->bench->reading('snug:c3b:1', '32.0'))));
    }

    public function test_the_same_batch_again_is_answered_as_before_and_stored_once(): void
    {
        $reading = $this->bench->reading('snug:c2a:1', '32.0');
        $first = $this->bench->sendAsIs($reading)->assertOk()->json();
        self::assertSame($first, $this->bench->sendAsIs($reading)->assertOk()->json());
        self::assertSame(1, Result::query()->count());
    }

    public function test_the_same_id_with_other_content_is_refused_and_changes_nothing(): void
    {
        $reading = $this->bench->reading('snug:c2a:1', '32.0');
        $this->bench->sendAsIs($reading)->assertOk();
        $this->bench->sendAsIs(['value' => '33.0 N.m'] + $reading)->assertStatus(409)->assertJsonPath('type', 'tekkal:id-taken');
        self::assertSame('32.0 N.m', Result::query()->firstOrFail()->getAttribute('value'));
    }

    public function test_a_gap_in_the_devices_count_is_refused_with_the_number_expected(): void
    {
        $reading = $this->bench->reading('snug:c2a:1', '32.0');
        $this->bench->sendAsIs(['device_seq' => $reading['device_seq'] + 3] + $reading)->assertStatus(409)
            ->assertJsonPath('type', 'tekkal:device-seq')->assertJsonPath('expected', $reading['device_seq'])->assertJsonPath('id', $reading['id']);
        self::assertSame(0, Result::query()->count());
    }

    public function test_an_observation_that_names_no_sitting_of_its_bench_is_refused(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['sitting' => (string) Str::uuid7()]))->assertStatus(403)->assertJsonPath('type', 'tekkal:no-sitting');
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function unreadable(): iterable
    {
        yield 'no number' => [['value' => 'tight']];
        yield 'an exponent' => [['value' => '1e309']];
        yield 'a negative' => [['value' => '-3']];
        yield 'ten thousand digits' => [['value' => str_repeat('9', 10_000)]];
        yield 'an unknown unit' => [['unit' => 'furlong']];
        yield 'a number in place of text' => [['value' => 32]];
        yield 'no time' => [['device_time' => 'yesterday-ish']];
        yield 'an unknown kind' => [['kind' => 'guess']];
        yield 'an id that is none' => [['id' => '<script>']];
        yield 'a source nobody knows' => [['source' => 'hearsay']];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_refused_and_uses_up_no_number(array $change): void
    {
        $next = $this->world->nextSeq($this->bench->device);
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: $change))->assertStatus(422)->assertJsonPath('type', 'tekkal:unreadable');
        self::assertSame($next, $this->world->nextSeq($this->bench->device));
    }

    public function test_a_batch_is_at_most_a_hundred(): void
    {
        $this->bench->sendAsIs(...array_fill(0, 101, 'x'))->assertStatus(422)->assertJsonPath('limit', 100);
        $this->bench->sendAsIs()->assertStatus(422);
        $this->bench->sendAsIs('x')->assertStatus(422)->assertJsonPath('type', 'tekkal:unreadable');
    }

    public function test_a_typing_error_in_its_window_is_withdrawn_with_a_reason_and_the_step_opens_again(): void
    {
        $id = $this->bench->send($this->bench->reading('snug:c2a:1', '33.0'))->json('outcomes.0.id');
        $this->withdraw($id, ['reason' => 'wrong_key', 'text' => 'meant 32'])->assertOk()->assertJsonPath('view.next_step', 'snug:c2a:1');

        self::assertSame('withdrawn', Result::query()->findOrFail($id)->status);
        self::assertSame('meant 32', DB::table('erasable_texts')->where('field', 'reason')->value('text'));
        self::assertStringNotContainsString('meant 32', (string) DB::table('ledger_entries')->where('type', 'reading_withdrawn')->value('body'));
    }

    public function test_an_out_of_window_value_needs_a_second_persons_badge_and_pin(): void
    {
        $id = $this->bench->send($this->bench->reading('snug:c2a:1', '3.2'))->json('outcomes.0.id');
        $this->withdraw($id)->assertStatus(409)->assertJsonPath('type', 'tekkal:not-withdrawn');
        $this->withdraw($id, ['second_badge' => '1041', 'second_pin' => '314159'])->assertStatus(409);
        $this->withdraw($id, ['second_badge' => '1042', 'second_pin' => '000000'])->assertStatus(422)->assertJsonPath('field', 'pin');
        $this->withdraw($id, ['second_badge' => '1042', 'second_pin' => '314159'])->assertOk();
    }

    public function test_a_value_that_a_tool_sent_is_never_withdrawn(): void
    {
        $id = $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['source' => 'simulated_tool']))->json('outcomes.0.id');
        $this->withdraw($id)->assertStatus(409)->assertJsonPath('detail', 'A value that a tool sent is never withdrawn. If it is wrong, back the fastener off and redo it.');
    }

    public function test_a_run_with_steps_missing_is_not_finished(): void
    {
        $this->bench->signs()->assertStatus(409)->assertJsonPath('detail', '16 of 16 steps are not done.');
    }

    public function test_a_refused_command_uses_up_no_number(): void
    {
        $next = $this->world->nextSeq($this->bench->device);
        $this->bench->signs()->assertStatus(409);
        self::assertSame($next, $this->world->nextSeq($this->bench->device));
    }

    public function test_a_command_sent_twice_is_carried_out_once(): void
    {
        $job = $this->world->job($this->world->build('TN3-26-0002'));
        $body = ['assignment' => $job, 'id' => (string) Str::uuid7(), 'device_seq' => $this->world->nextSeq($this->bench->device)];
        $first = $this->bench->command('runs', $body)->assertCreated()->json('id');
        self::assertSame($first, $this->bench->command('runs', $body)->assertCreated()->json('id'));
        self::assertSame(1, Run::query()->where('assignment', $job)->count());
    }

    public function test_a_job_of_somebody_else_is_not_begun(): void
    {
        $job = $this->world->job($this->world->build('TN3-26-0002'), '1042');
        $this->bench->command('runs', ['assignment' => $job])->assertForbidden()->assertJsonPath('detail', 'This job was given to somebody else.');
    }

    public function test_a_job_taken_back_is_not_begun(): void
    {
        $job = $this->world->job($this->world->build('TN3-26-0002'));
        $this->world->desk('lead', 'POST', "assignments/$job/take-back")->assertNoContent();
        $this->bench->command('runs', ['assignment' => $job])->assertStatus(409)->assertJsonPath('type', 'tekkal:taken-back');
    }

    public function test_a_run_stays_with_the_plan_it_pinned_when_a_new_revision_is_approved(): void
    {
        $this->travel(1)->hours();
        app(ApproveRevision::class)($this->world->draft(), $this->world->person('approver'));

        self::assertSame('A', $this->bench->show()['revision']);
    }

    public function test_a_bench_session_does_nothing_that_belongs_to_a_desk(): void
    {
        foreach (['builds', 'audit', 'library', 'tools', 'people'] as $path) {
            $this->world->atBench($this->bench->device, $this->bench->person, $this->bench->sitting, 'GET', $path)->assertForbidden();
        }
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function withdraw(string $reading, array $body = []): TestResponse
    {
        return $this->bench->command("runs/{$this->bench->run}/withdrawals", $body + ['reading' => $reading, 'step' => 'snug:c2a:1', 'reason' => 'wrong_key']);
    }
}
