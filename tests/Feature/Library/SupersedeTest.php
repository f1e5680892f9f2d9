<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Builds\Models\Assignment;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\StoredRevision;
use Illuminate\Support\Facades\DB;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** What an approval does to work that is given out, under way or done. */
final class SupersedeTest extends FeatureTestCase
{
    public function test_assigned_work_not_begun_moves_to_the_new_revision(): void
    {
        $job = $this->world->job($this->world->build());
        $new = $this->supersede();

        self::assertSame($new->id, Assignment::query()->findOrFail($job)->revision);
        $bench = $this->world->bench()->begin($job);
        self::assertSame('B', $bench->show()['revision']);
    }

    public function test_a_run_in_progress_stays_and_says_so(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        self::assertSame('A, null', $this->revisions($bench));
        $this->supersede();

        self::assertSame('A, "B"', $this->revisions($bench));
    }

    public function test_work_not_begun_moves_to_the_new_revision_whatever_that_asks_for(): void
    {
        $job = $this->world->job($this->world->build());
        $document = World::document();
        $document['fasteners'][0] = ['reuse' => 'never'] + array_diff_key($document['fasteners'][0], ['cycles' => true]);
        $this->approve($document);

        self::assertSame([null, false], [Assignment::query()->findOrFail($job)->taken_back_at, Assignment::query()->findOrFail($job)->revision === $this->world->revision->id]);
    }

    public function test_builds_made_to_the_old_one_are_listed_and_judged_by_the_new_one(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        $bench->completeAll();
        $this->supersede();

        $made = $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id.'/builds')->assertOk()->assertJsonPath('by.letter', 'B')->assertJsonPath('builds.0.subject', $build);
        // completeAll turns to the lower limit and two degrees; the new window of the inner bolts begins above that.
        self::assertGreaterThan(0, $made->json('builds.0.out'));
        self::assertSame(16, $made->json('builds.0.in') + $made->json('builds.0.out'));
        self::assertSame([0, 0], [$made->json('builds.0.not_comparable'), $made->json('builds.0.without_result')]);
        self::assertTrue(DB::table('ledger_entries')->where('type', 'builds_rejudged')->exists());
    }

    public function test_what_a_build_under_way_has_not_reached_is_no_result_that_cannot_be_compared(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        foreach (array_slice($bench->walk(), 0, 3) as $step) {
            $bench->send($bench->reading($step->id, '32.0'))->assertOk();
        }
        $this->supersede();

        $made = $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id.'/builds')->assertOk();
        self::assertSame([3, 0, 0, 13], array_map(fn (string $what): mixed => $made->json("builds.0.$what"), ['in', 'out', 'not_comparable', 'without_result']));
    }

    public function test_everybody_concerned_is_told_what_changed_and_acknowledges_it(): void
    {
        $this->world->job($this->world->build());
        $this->supersede();
        $told = $this->world->desk('lead', 'GET', 'notices')->assertOk()->assertJsonPath('notices.0.title', 'Tarn TN3, main caps, stock bolts: revision B is in force');
        self::assertStringContainsString('+47° → +55°', (string) $told->json('notices.0.body'));

        $device = $this->world->device();
        $bench = $this->world->bench($device);
        $notices = $this->world->atBench($device, $bench->person, $bench->sitting, 'GET', 'notices')->assertOk();
        self::assertCount(1, (array) $notices->json('notices'));
        $this->world->atBench($device, $bench->person, $bench->sitting, 'POST', 'notices/'.$notices->json('notices.0.id').'/acknowledge')->assertNoContent();
        $this->world->atBench($device, $bench->person, $bench->sitting, 'GET', 'notices')->assertJsonPath('notices', []);
        $this->world->desk('approver', 'GET', 'notices')->assertJsonPath('notices', []);
        $this->world->desk('crib', 'POST', 'notices/'.$notices->json('notices.0.id').'/acknowledge')->assertNotFound();
    }

    public function test_a_revision_is_compared_with_the_one_before_it_in_the_trades_words(): void
    {
        $new = $this->supersede();
        $sheet = $this->world->desk('lead', 'GET', "library/revisions/$new->id")->assertOk()->assertJsonPath('compared_with.letter', 'A');
        self::assertStringContainsString('+47° → +55°', implode("\n", array_column((array) $sheet->json('changes'), 'sentence')));
        $changes = $this->world->desk('lead', 'GET', "library/compare?old={$this->world->revision->id}&new=$new->id")->assertOk()->json('changes');
        self::assertSame($sheet->json('changes'), $changes);
    }

    /** The one that a run was begun with, and the one that came into force since. */
    private function revisions(BenchActor $bench): string
    {
        $run = $bench->show();

        return $run['revision'].', '.json_encode($run['newer']);
    }

    private function supersede(): StoredRevision
    {
        $document = World::document();
        $document['stages'][1]['targets'][0] = ['target' => '55°', 'low' => '52°', 'high' => '58°'] + array_diff_key($document['stages'][1]['targets'][0], ['tolerance' => 1, 'window_standard' => 1]) + ['window_source' => $document['sources'][0]['key']];

        return $this->approve($document);
    }

    /** @param  array<string, mixed>  $document */
    private function approve(array $document): StoredRevision
    {
        $this->travel(1)->minutes();
        $new = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        app(ApproveRevision::class)($new, $this->world->person('approver'));

        return $new;
    }
}
