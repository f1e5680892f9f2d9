<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Bench\Queries\JobHook;
use App\Builds\Queries\Stands;
use App\Builds\RunFolds;
use App\Ledger\Recorder;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionFaces;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Progress;
use Tests\Factories\ManyEngines;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** Boards, hooks and lists read how far a run is; they fold none. */
final class BoardTest extends FeatureTestCase
{
    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->bench()->ready($this->world->job($this->world->build()));
    }

    /** Aim of the board: as many questions for 600 open engines as for 60, and at most 15. */
    #[DataProvider('boards')]
    public function test_a_board_of_six_hundred_engines_asks_what_one_of_sixty_asks(string $board): void
    {
        $ask = fn () => $board === 'stands' ? app()->make(Stands::class)->of(Subject::query()->with('owner')->get()) : app()->make(JobHook::class)->of($this->bench->person);
        ManyEngines::like($this->bench->run, 60);
        $ask();
        $sixty = $this->queries($ask);
        ManyEngines::like($this->bench->run, 540);
        $many = $this->queries($ask);

        self::assertSame($sixty, $many);
        self::assertLessThanOrEqual(15, $many);
    }

    /** @return iterable<string, array{string}> */
    public static function boards(): iterable
    {
        yield 'engines on their stands' => ['stands'];
        yield 'job cards of one assembler' => ['hook'];
    }

    public function test_how_far_a_run_is_shown_to_be_is_what_its_entries_come_to_after_every_one_of_them(): void
    {
        $this->same();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->same();
        $this->bench->send($this->bench->reading('snug:c3b:1', '20.0'))->assertOk();
        $this->same();
        $this->bench->send($this->bench->reading('snug:c3a:1', '32.0'), $this->bench->observation('backed_off', 'snug:c3b:1'), $this->bench->reading('snug:c3b:1', '32.0'))->assertOk();
        $this->same();
        $this->bench->send($this->bench->observation('backed_off', 'snug:c3a:1'))->assertOk();
        $this->same();
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();
        $this->same();
    }

    public function test_what_a_list_shows_of_a_revision_is_made_once_and_anew_by_other_code(): void
    {
        $revision = (string) DB::table('runs')->where('id', $this->bench->run)->value('revision');
        $line = function (string $code) use ($revision): string {
            config(['shop.code' => $code]);

            return RevisionFaces::of([$revision])[$revision]['line'];
        };
        $made = $line('one');
        Cache::forever("revision-face:one:$revision", ['line' => 'as it was told then'] + RevisionFaces::of([$revision])[$revision]);

        self::assertSame(['as it was told then', $made], [$line('one'), $line('two')]);
    }

    public function test_a_long_run_is_folded_from_the_state_that_was_kept_and_comes_to_the_same(): void
    {
        for ($i = 0; $i < 26; $i++) {
            $this->bench->send($this->bench->reading('snug:c2a:1', '20.0'), $this->bench->observation('backed_off', 'snug:c2a:1'))->assertOk();
        }
        self::assertSame(40, DB::table('run_snapshots')->where('run', $this->bench->run)->value('seq'));
        $this->same();
        $asked = $this->queries(fn () => $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk(), 'select `body`, `leaf_hash` from `ledger_entries` where `stream`');
        self::assertStringContainsString('`seq` > ?', $asked[0] ?? '', 'what was kept is not read again');
        $this->same();
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_what_was_folded_in_a_try_that_was_rolled_back_is_not_gone_on_with(): void
    {
        $run = $this->bench->run;
        $plan = fn (): Plan => Procedures::plan((string) DB::table('runs')->where('id', $run)->value('plan_hash'));
        $folds = app(RunFolds::class);
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'));
        $again = $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->json('outcomes.0.id');
        $there = count(RunHistory::entries($run));
        try {
            app(Recorder::class)->transaction(function () use ($folds, $run, $plan, $there): never {
                $folds->at($run, $plan, $there)->decide(EventTypes::read(['type' => 'run_taken_over', 'person' => 'nobody', 'taken_at' => '2041-03-01T08:00:00Z', 'id' => 'never-recorded']));
                throw new RuntimeException('a deadlock');
            });
        } catch (RuntimeException) {
            // Meanwhile somebody else's entry has got the number.
        }
        $this->world->desk('lead', 'POST', "audit/readings/$again/dismiss", ['reason' => 'sent_twice'])->assertNoContent();

        self::assertSame($this->bench->person->id, $folds->at($run, $plan, $there + 1)->person());
    }

    private function same(): void
    {
        $row = (array) DB::table('run_progress')->where('run', $this->bench->run)->first();
        $entries = RunHistory::entries($this->bench->run);
        $fold = RunHistory::foldEntries($entries, Procedures::plan((string) DB::table('runs')->where('id', $this->bench->run)->value('plan_hash')));
        $said = (new Progress($fold))->toArray();

        self::assertSame(
            [$said['done'], $said['all'], $said['finished'], $said['stopped'], $said['next'], $said['why'], $said['marks'], count($entries)],
            [$row['done'], $row['all_steps'], (bool) $row['finished'], (bool) $row['stopped'], $row['next'], $row['why'], array_map(fn (array $m): array => array_replace(['position' => '', 'strokes' => [], 'old' => 0, 'fault' => null], $m), (array) json_decode((string) $row['marks'], true)), $row['seq']],
        );
    }

    /**
     * @param  callable(): mixed  $work
     * @return ($like is null ? int : list<string>)
     */
    private function queries(callable $work, ?string $like = null): int|array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        DB::disableQueryLog();
        $asked = array_column(DB::getQueryLog(), 'query');

        return $like === null ? count($asked) : array_values(array_filter($asked, fn (string $sql): bool => str_starts_with($sql, $like)));
    }
}
