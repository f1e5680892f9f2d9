<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\KeepSource;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** Joints that no procedure is written for: a general table serves class C, a bench asks, and what was tightened without one is told for ever. Figures are invented. */
final class NoProcedureTest extends FeatureTestCase
{
    private string $engine;

    private string $sump;

    protected function setUp(): void
    {
        parent::setUp();
        $lead = $this->world->person('lead');
        app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Sump'], [], $lead);
        $this->sump = (string) Joint::query()->where('name', 'Sump')->value('id');
        app(KeepSource::class)(['code' => 'GT-01', 'kind' => 'shop_standard', 'title' => 'General torques', 'edition' => 'issue 2', 'date' => '2025-04', 'kept' => 'quality office', 'superseded_by' => null], $lead);
        $this->engine = $this->world->build();
    }

    public function test_a_table_is_asked_for_by_one_and_signed_by_another(): void
    {
        $id = $this->asked()->assertCreated()->json('id');
        $this->table()->assertJsonPath('tables.0.state', 'asked')->assertJsonPath('tables.0.rows.0.name', 'M8 8.8 in cast iron')->assertJsonPath('tables.0.doubts', [])->assertJsonPath('tables.0.asked_by_me', true);
        $this->world->desk('lead', 'POST', "library/general-tables/$id/approve", ['password' => 'fenmoor'])->assertStatus(403);
        self::assertContains('General table GT-01 waits for a signature', array_column((array) $this->world->desk('approver', 'GET', 'today')->json('needs'), 'title'));
        $this->world->desk('approver', 'POST', "library/general-tables/$id/approve", ['password' => 'fenmoor'])->assertNoContent();
        $this->table()->assertJsonPath('tables.0.state', 'approved')->assertJsonPath('tables.0.signature', 'Tobin Harrowmere');
        $this->world->desk('approver', 'POST', "library/general-tables/$id/approve", ['password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('detail', 'GT-01 is approved already.');
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_a_table_that_cannot_be_is_refused_at_its_field(): void
    {
        foreach ([
            ['code', ['code' => 'gt 1'], 'A code has capital letters, digits and hyphens, such as GT-01.'], ['source', ['source' => 'GT-09'], 'There is no source "GT-09". Put the paper of the table on record first.'],
            ['condition', ['condition' => 'wet'], 'Say how the threads are: dry, engine oil.'], ['rows', ['rows' => 'M8; 8.8; steel; 24'], 'Row 1: "24" has no unit. Say which, such as 15 lbf·ft or 20 N·m.'],
            ['although', ['rows' => 'M8; 8.8; steel; 240 N·m'], null],
        ] as [$field, $change, $says]) {
            $answer = $this->asked($change)->assertStatus(422)->assertJsonPath('field', $field);
            $says === null ? self::assertStringEndsWith('Say what speaks for it, or put it right.', (string) $answer->json('detail')) : $answer->assertJsonPath('detail', $says);
        }
        $this->asked(['rows' => "M8\t8.8\tst\u{202E}eel\t24 N·m"])->assertStatus(422)->assertJsonPath('field', 'rows');
        $this->asked(['although' => "all\u{202E}right"])->assertStatus(422)->assertJsonPath('field', 'although');
        $this->asked(['tolerance' => 'some'])->assertStatus(422)->assertJsonPath('field', 'tolerance');
        $this->asked()->assertCreated();
        $this->asked()->assertStatus(422)->assertJsonPath('detail', 'GT-01 is taken. A table is not changed once it is set; give the new one a code of its own.');
    }

    public function test_a_doubted_row_is_kept_with_what_speaks_for_it_and_the_approver_reads_both(): void
    {
        $this->asked(['rows' => 'M8; 8.8; steel; 120 N·m', 'although' => 'Washers of the maker under every head'])->assertCreated();
        $table = $this->table()->assertJsonPath('tables.0.although', 'Washers of the maker under every head');
        self::assertStringStartsWith('M8 8.8 in steel: ', (string) $table->json('tables.0.doubts.0'));
    }

    public function test_a_joint_without_a_procedure_is_given_out_by_a_row_and_carried_out_and_the_audit_says_by_which_table(): void
    {
        $this->page()->assertJsonPath('joints.1.options', [])->assertJsonPath('joints.1.revision', null);
        $this->give()->assertCreated();
        $page = $this->page()->assertJsonPath('joints.1.hardware.option', '4 × M8 8.8 in cast iron, by GT-01')->assertJsonPath('joints.1.given.person', 'Rafe Ondling');
        self::assertSame('GT-01', RevisionStatus::query()->findOrFail($page->json('joints.1.revision.id'))->by_table);
        $bench = $this->world->bench()->begin((string) $page->json('joints.1.given.id'))->prepared();
        $bench->take('torque', 'TW-04')->assertOk();
        foreach ($bench->walk() as $step) {
            $bench->send($bench->reading($step->id, '24.0'))->assertOk();
        }
        $bench->finish()->assertOk();

        $audit = $this->world->desk('lead', 'GET', "audit/$this->engine")->assertOk()->assertJsonPath('joints.1.run.finished', true);
        self::assertContains('Sump: 4 of 4 steps, by general table GT-01, as a joint of class C.', array_column((array) $audit->json('replies.0.reasons'), 'sentence'));
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_the_next_engine_of_the_family_has_it_and_what_is_written_for_the_joint_governs_from_then_on(): void
    {
        $this->give()->assertCreated();
        $next = $this->world->build('TN3-26-0002');
        $this->page($next)->assertJsonPath('joints.1.options.0.option', '4 × M8 8.8 in cast iron, by GT-01');
        DB::table('revision_states')->where('by_table', 'GT-01')->update(['by_table' => '']);
        $this->give($next)->assertStatus(409)->assertJsonPath('detail', 'Sump has an approved procedure, and that governs.');
    }

    public function test_a_table_serves_class_c_only_and_whoever_gives_it_out_says_that_it_is_one(): void
    {
        $this->give(change: ['class_c' => false])->assertStatus(422)->assertJsonPath('field', 'class_c')->assertJsonPath('detail', 'A general table serves joints of risk class C only. Say that this is one, or have a procedure approved for it.');
        $joint = Joint::query()->findOrFail($this->sump);
        app(SubmitRevision::class)(app(AddProcedure::class)($joint, 'stock bolts', $this->world->person('lead')), ['joint' => 'Sump'] + World::document(), $this->world->person('lead'));
        $this->give()->assertStatus(409)->assertJsonPath('detail', 'Sump was written as a joint of risk class A. A general table serves class C only; have its procedure approved.');
    }

    public function test_what_cannot_be_given_by_a_table_is_refused_in_its_words(): void
    {
        $this->asked(['code' => 'GT-02'])->assertCreated();
        $unsigned = (string) DB::table('general_tables')->where('code', 'GT-02')->value('id');
        $this->give(change: ['table' => $unsigned])->assertStatus(422)->assertJsonPath('detail', 'GT-02 is not signed; only what is approved serves.');
        $this->give(change: ['row' => 'M20 8.8 in steel'])->assertStatus(422)->assertJsonPath('detail', 'GT-01 has no row "M20 8.8 in steel".');
        $this->give(change: ['bolts' => 7, 'layout' => 'two_rows'])->assertStatus(422)->assertJsonPath('field', 'bolts');
        $this->give(change: ['bolts' => 41])->assertStatus(422)->assertJsonPath('detail', 'A number of bolts is wanted, 1 to 40; more deserve a procedure of their own.');
        $this->give(change: ['person' => $this->world->person('approver')->id])->assertStatus(422)->assertJsonPath('field', 'person');
        self::assertSame(0, RevisionStatus::query()->where('by_table', 'GT-01')->count(), 'nothing was written for what was refused');
        $table = (string) DB::table('general_tables')->where('code', 'GT-01')->value('id');
        $this->world->desk('approver', 'POST', "library/general-tables/$table/withdraw", ['why' => ''])->assertStatus(422);
        $this->world->desk('lead', 'POST', "library/general-tables/$table/withdraw", ['why' => 'x'])->assertStatus(403);
        $this->world->desk('approver', 'POST', "library/general-tables/$table/withdraw", ['why' => 'Issue 3 is out'])->assertNoContent();
        $this->give()->assertStatus(422)->assertJsonPath('detail', 'GT-01 is withdrawn; only what is approved serves.');
        $this->table()->assertJsonPath('tables.0.withdrawn_why', 'Issue 3 is out');
    }

    public function test_given_out_twice_it_is_one_job_and_one_procedure(): void
    {
        $id = ['id' => '0199b6f2-0000-7000-8000-000000000002'];
        self::assertSame($this->give(change: $id)->assertCreated()->json('id'), $this->give(change: $id)->assertCreated()->json('id'));
        $this->give()->assertStatus(422);
        self::assertSame(1, RevisionStatus::query()->where('by_table', 'GT-01')->count());
    }

    public function test_what_was_tightened_without_one_says_so_on_the_page_and_in_the_audit_and_wants_a_permit(): void
    {
        $this->tell()->assertNoContent();
        $says = 'tightened without a procedure: 24 N·m from memory, N. Harrow, 2 June 2026; nobody has approved that value';
        $this->page()->assertJsonPath('joints.1.outside.kind', 'told')->assertJsonPath('joints.1.outside.says', $says);
        self::assertContains($says, array_column((array) $this->page()->json('missing'), 'why'));
        $this->world->desk('lead', 'POST', "builds/$this->engine/finish")->assertStatus(409);
        self::assertContains("Sump: $says.", array_column((array) $this->world->desk('lead', 'GET', "audit/$this->engine")->json('replies.0.reasons'), 'sentence'));
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$this->sump/let-go", ['reason' => 'Looked at and marked'])->assertNoContent();
        self::assertStringStartsWith($says.'; not recorded; permit DP-', (string) $this->page()->json('joints.1.outside.says'));
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_what_was_told_is_taken_back_and_only_what_has_no_procedure_is_told(): void
    {
        $this->tell()->assertNoContent();
        $this->give()->assertStatus(422)->assertJsonPath('detail', 'Sump of TN3-26-0001 was told as tightened without a procedure. Take that back first, if it is to be tightened here.');
        $this->tell()->assertStatus(409)->assertJsonPath('detail', 'Sump of TN3-26-0001 stands here with what was done already.');
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$this->sump/told/take-back")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$this->sump/told/take-back")->assertStatus(404);
        $this->page()->assertJsonPath('joints.1.outside', null);
        $this->tell(['worked_on' => '2031-01-01'])->assertStatus(422)->assertJsonPath('field', 'worked_on');
        $this->tell(['told' => ''])->assertStatus(422)->assertJsonPath('detail', 'Say to what it was tightened, or that nobody knows.');
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/{$this->world->joint->id}/told", ['told' => '32', 'worked_by' => 'N. Harrow', 'worked_on' => '2026-06-02'])->assertStatus(409)->assertJsonPath('detail', 'Main caps has an approved procedure: it is given out by that, or entered from its paper.');
    }

    public function test_a_bench_asks_for_a_value_and_is_told_what_was_answered(): void
    {
        $bench = $this->world->bench();
        $this->asks($bench, ['says' => 'Sump, M8, stamped 8.8, into the block', 'serial' => '0001'])->assertNoContent();
        self::assertContains('TN3-26-0001: a value is asked for', $this->needs());
        $asked = $this->world->desk('lead', 'GET', "builds/$this->engine/values")->assertOk()->assertJsonPath('asked.0.person', 'Rafe Ondling')->assertJsonPath('asked.0.answer', null)->json('asked.0.id');
        $this->world->desk('lead', 'POST', "values/$asked/answer", ['answer' => ''])->assertStatus(422);
        $this->world->desk('lead', 'POST', "values/$asked/answer", ['answer' => 'It hangs on your hook, by GT-01.'])->assertNoContent();
        $this->world->desk('lead', 'POST', "values/$asked/answer", ['answer' => 'Once more'])->assertStatus(409)->assertJsonPath('detail', 'It was answered already: “It hangs on your hook, by GT-01.”');

        self::assertNotContains('TN3-26-0001: a value is asked for', $this->needs());
        $told = (array) $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'GET', 'notices')->assertOk()->json('notices');
        self::assertSame(['TN3-26-0001: you asked for “Sump, M8, stamped 8.8, into the block”', 'It hangs on your hook, by GT-01.'], [$told[0]['title'], $told[0]['body']]);
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_a_bench_asks_about_one_engine_that_is_on_a_stand(): void
    {
        $bench = $this->world->bench();
        $this->world->build('TN3-26-0002');
        $this->asks($bench, ['serial' => 'TN3-26'])->assertStatus(422)->assertJsonPath('detail', 'More than one bears "TN3-26": TN3-26-0001, TN3-26-0002. Type more of its number.');
        $this->asks($bench, ['serial' => '%'])->assertStatus(422)->assertJsonPath('detail', 'No engine on a stand bears "%".');
        $this->asks($bench, ['says' => "sump \u{202E}M8"])->assertStatus(422)->assertJsonPath('field', 'says');
        $this->asks($bench, ['says' => ''])->assertStatus(422)->assertJsonPath('field', 'says');
        $this->world->desk('lead', 'POST', 'bench/values', [])->assertStatus(403);
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response>
     */
    private function asked(array $change = []): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'library/general-tables', $change + ['code' => 'GT-01', 'source' => 'GT-01', 'condition' => 'dry', 'tolerance' => '10 %', 'rows' => "M8; 8.8; cast iron; 24 N·m\nM6\t8.8\tcast iron\t9.5 N·m"]);
    }

    /** @return TestResponse<Response> */
    private function table(): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'library/general-tables')->assertOk();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function give(?string $engine = null, array $change = []): TestResponse
    {
        $table = DB::table('general_tables')->where('code', 'GT-01')->value('id');
        if ($table === null) {
            $table = $this->asked()->assertCreated()->json('id');
            $this->world->desk('approver', 'POST', "library/general-tables/$table/approve", ['password' => 'fenmoor'])->assertNoContent();
        }

        return $this->world->desk('lead', 'POST', sprintf('builds/%s/joints/%s/by-table', $engine ?? $this->engine, $this->sump), $change + ['table' => $table, 'row' => 'M8 8.8 in cast iron', 'bolts' => 4, 'layout' => 'row', 'person' => $this->world->person('1041')->id, 'class_c' => true]);
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response>
     */
    private function tell(array $change = []): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$this->sump/told", $change + ['told' => '24 N·m from memory', 'worked_by' => 'N. Harrow', 'worked_on' => '2026-06-02']);
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response>
     */
    private function asks(BenchActor $bench, array $change): TestResponse
    {
        return $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'POST', 'bench/values', $change + ['serial' => 'TN3-26-0001', 'says' => 'Sump, M8']);
    }

    /** @return TestResponse<Response> */
    private function page(?string $engine = null): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'builds/'.($engine ?? $this->engine))->assertOk();
    }

    /** @return list<string> */
    private function needs(): array
    {
        return array_map(strval(...), array_column((array) $this->world->desk('lead', 'GET', 'today')->json('needs'), 'title'));
    }
}
