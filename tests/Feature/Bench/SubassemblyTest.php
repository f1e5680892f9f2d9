<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\RunContext;
use App\Builds\Queries\EngineState;
use App\Record\Models\Fitting;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Run\ThingState;

/** Heads and short blocks that are tightened by themselves, fitted, taken off and exchanged: what is recorded goes with the metal. */
final class SubassemblyTest extends SubassemblyTestCase
{
    public function test_a_short_block_is_tightened_before_it_has_an_engine_and_its_own_page_asks_for_what_it_carries_only(): void
    {
        $block = $this->block();
        $this->page($block)->assertJsonPath('title', 'Short block SB-0007')->assertJsonPath('customer', 'the shop’s own')->assertJsonCount(1, 'joints')->assertJsonPath('joints.0.name', 'Main caps')->assertJsonPath('subassembly.kind', 'Short block')->assertJsonPath('subassembly.been', [])->assertJsonPath('carries', []);
        $bench = $this->tightened($block);
        self::assertSame('Short block SB-0007', $bench->show()['serial']);
        $this->world->desk('lead', 'POST', "builds/$block/finish")->assertNoContent();

        $this->page($block)->assertJsonPath('state', 'finished');
        $this->world->desk('lead', 'GET', 'subassemblies')->assertOk()->assertJsonCount(1, 'builds')->assertJsonPath('builds.0.title', 'Short block SB-0007')->assertJsonPath('builds.0.as', 'done')->assertJsonPath('builds.0.says', 'ready since 15 June');
        self::assertNotContains($block, array_column((array) $this->world->desk('lead', 'GET', 'builds')->json('builds'), 'id'), 'engines only');
        self::assertSame('Short block SB-0007', $this->world->desk('lead', 'GET', 'find?q=SB-0007')->json('found.0.title'));
    }

    public function test_what_was_fitted_answers_for_what_it_carries(): void
    {
        $block = $this->ready();
        $this->page()->assertJsonPath('carries', [['kind' => 'Short block', 'fitted' => null]]);
        $this->exchange(['fit' => $block])->assertNoContent();

        $page = $this->page()->assertJsonPath('joints.0.within', ['id' => $block, 'title' => 'Short block SB-0007'])->assertJsonPath('joints.0.run.finished', true)->assertJsonPath('carries.0.fitted.title', 'Short block SB-0007');
        self::assertNotContains('Main caps', array_column((array) $page->json('missing'), 'name'));
        $this->page($block)->assertJsonPath('as', 'fitted')->assertJsonPath('says', 'in TN3-26-0001')->assertJsonPath('subassembly.been.0.title', 'TN3-26-0001')->assertJsonPath('subassembly.been.0.removed_at', null);
        $audit = $this->audit()->assertJsonPath('joints.0.within', ['id' => $block, 'title' => 'Short block SB-0007'])->assertJsonCount(16, 'joints.0.lines');
        self::assertSame('yes', $audit->json('replies.1.answer'), 'in their windows, as that record tells');
        $this->world->desk('lead', 'GET', 'builds')->assertJsonPath('builds.0.joints.0', ['name' => 'Main caps', 'as' => 'done']);
    }

    public function test_what_is_carried_in_it_is_given_out_and_entered_there_and_nowhere_else(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $says = 'Main caps of TN3-26-0001 is carried in Short block SB-0007, and is worked and recorded there.';
        $caps = $this->joints['Main caps'];

        $this->world->desk('lead', 'POST', "builds/$this->engine/assignments", ['joint' => $caps, 'person' => $this->world->person('1041')->id])->assertStatus(409)->assertJsonPath('detail', $says)->assertJsonPath('field', 'joint');
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$caps/hardware", ['procedure' => $this->world->procedure->id])->assertStatus(409)->assertJsonPath('detail', $says);
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/$caps/let-go", ['reason' => 'lost'])->assertStatus(409)->assertJsonPath('detail', $says);
        $this->world->desk('lead', 'POST', "builds/$block/assignments", ['joint' => $this->joints['Flywheel'], 'person' => $this->world->person('1041')->id])->assertStatus(409);
        $other = $this->block('SB-0008');
        $this->world->desk('lead', 'POST', "builds/$other/assignments", ['joint' => $this->joints['Flywheel'], 'person' => $this->world->person('1041')->id])->assertStatus(422)->assertJsonPath('detail', 'It carries no such joint.');
    }

    public function test_an_engine_with_one_is_finished_and_leaves_the_house_with_it(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->onPaper($this->engine, 'Cylinder head');
        $this->onPaper($this->engine, 'Flywheel');
        self::assertContains('TN3-26-0001 can be finished', $this->needs(), 'though nothing was tightened at the engine itself');
        $this->world->desk('lead', 'POST', "builds/$block/ship")->assertStatus(409)->assertJsonPath('detail', 'It is in TN3-26-0001, and leaves the house with that.');
        $this->world->desk('lead', 'POST', "builds/$this->engine/finish")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$this->engine/ship")->assertNoContent();

        $this->page($block)->assertJsonPath('says', 'in TN3-26-0001');
    }

    public function test_one_comes_off_as_it_is_and_what_rests_on_it_comes_apart(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->onPaper($this->engine, 'Cylinder head');
        $this->exchange([])->assertStatus(422)->assertJsonPath('field', 'why')->assertJsonPath('detail', 'Say why it comes off; Short block SB-0007 is on record.');
        $this->exchange(['why' => self::WHY])->assertNoContent();

        $this->page()->assertJsonPath('joints.0.within', null)->assertJsonPath('joints.0.run', null)->assertJsonPath('joints.1.outside', null)->assertJsonPath('carries.0.fitted', null);
        $this->page($block)->assertJsonPath('state', 'finished')->assertJsonPath('joints.0.run.finished', true)->assertJsonPath('subassembly.been.0.why', self::WHY);
        self::assertNotNull(Fitting::query()->firstOrFail()->removed_at);
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->page()->assertJsonPath('joints.0.within.id', $block);
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_an_engines_own_gets_a_number_as_it_comes_off_and_its_runs_go_with_it(): void
    {
        $run = $this->tightened($this->engine)->run;
        $other = $this->ready('SB-0100');
        $sheet = $this->world->desk('lead', 'GET', "builds/$this->engine/subassemblies/Short%20block")->assertOk();
        $sheet->assertJsonPath('off', ['own' => true, 'title' => null])->assertJsonPath('joints', [])->assertJsonPath('ready.0.title', 'Short block SB-0100')->assertJsonPath('ready.0.owner', 'the shop’s own');
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101', 'fit' => $other])->assertNoContent();

        $own = Subject::query()->where('serial', 'SB-0101')->firstOrFail();
        self::assertSame(['Short block', Subject::query()->findOrFail($this->engine)->customer, $own->id], [$own->subassembly, $own->customer, Run::query()->findOrFail($run)->went_with]);
        $this->page()->assertJsonPath('joints.0.within.title', 'Short block SB-0100');
        $this->page($own->id)->assertJsonPath('joints.0.run.id', $run)->assertJsonPath('joints.0.run.finished', true)->assertJsonPath('joints.0.outside', null)->assertJsonPath('subassembly.been.0.own', true)->assertJsonPath('state', 'open')->assertJsonPath('missing', []);
        $this->audit($own->id)->assertJsonPath('joints.0.run.id', $run)->assertJsonCount(16, 'joints.0.lines');
        $this->audit()->assertJsonPath('joints.0.within.title', 'Short block SB-0100')->assertJsonCount(3, 'joints');
        self::assertContains('Short block SB-0101 can be finished', $this->needs());
        $this->world->desk('lead', 'POST', "builds/$own->id/assignments", ['joint' => $this->joints['Main caps'], 'person' => $this->world->person('1041')->id])->assertStatus(422)->assertJsonPath('detail', 'Main caps of Short block SB-0101 is already in somebody\'s hands.');
        self::assertSame($this->engine, Run::query()->findOrFail($run)->subject, 'it stays where it was worked');
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_cycles_go_on_with_the_metal_and_not_with_the_engine(): void
    {
        $this->tightened($this->engine);
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101'])->assertNoContent();
        $own = Subject::query()->where('serial', 'SB-0101')->firstOrFail()->id;
        $this->world->desk('lead', 'POST', "builds/$own/joints/{$this->joints['Main caps']}/opening", ['reason' => 'New shells'])->assertNoContent();
        $this->page($own)->assertJsonPath('joints.0.run', null)->assertJsonPath('joints.0.opened.why', 'New shells');
        $again = $this->world->bench($this->world->device('Bench A'), '1042')->begin($this->world->job($own, '1042'));
        $fresh = $this->world->bench($this->world->device('Bench B'), '1043')->begin($this->world->job($this->engine, '1043'));

        $bolt = RunContext::get($again->run)->fold->fasteners->bolt('c1a');
        self::assertSame([1, ThingState::Loose], [$bolt->count, $bolt->is]);
        self::assertSame(0, RunContext::get($fresh->run)->fold->fasteners->bolt('c1a')->count, 'what is at the engine now is other metal');
    }

    public function test_what_is_carried_in_it_is_opened_again_from_either_page_with_what_rests_on_it_in_the_engine(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->onPaper($this->engine, 'Cylinder head');
        $this->world->desk('lead', 'GET', "builds/$block/joints/{$this->joints['Main caps']}/opening")->assertOk()->assertJsonPath('joints.0.name', 'Main caps');
        $this->world->desk('lead', 'POST', "builds/$this->engine/joints/{$this->joints['Main caps']}/opening", ['reason' => 'A shell was left out'])->assertNoContent();

        $this->page($block)->assertJsonPath('state', 'open')->assertJsonPath('joints.0.run', null)->assertJsonPath('joints.0.opened.why', 'A shell was left out');
        $this->page()->assertJsonPath('joints.0.within.id', $block)->assertJsonPath('joints.0.opened.why', 'A shell was left out')->assertJsonPath('joints.1.outside', null);
        $this->world->desk('lead', 'POST', "builds/$this->engine/finish")->assertStatus(409);
        $again = $this->world->bench($this->world->device('Bench B'), '1042')->ready($this->world->job($block, '1042'))->prepared();
        self::assertSame([['joint' => 'Main caps', 'grave' => false, 'says' => 'not tight yet']], EngineState::of([$this->engine])[$this->engine], 'how its metal stands is told with the engine');
        $again->completeAll();
        $again->finish()->assertOk();
        $this->page()->assertJsonPath('joints.0.run.finished', true);
    }

    public function test_a_head_is_opened_at_the_engine_and_stays_together_as_it_comes_off(): void
    {
        // Main caps that rest on nothing of the engine: what holds the block is opened, what it carries is not.
        $this->world->desk('lead', 'POST', "library/families/$this->family/resting", ['joints' => []])->assertNoContent();
        $this->carries(['Main caps' => 'Short block'], ['Flywheel' => 'Short block'])->assertNoContent();
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->onPaper($this->engine, 'Flywheel');
        $this->onPaper($this->engine, 'Cylinder head');
        $this->exchange(['why' => self::WHY])->assertNoContent();

        $this->page()->assertJsonPath('joints.2.outside', null)->assertJsonPath('joints.1.outside.kind', 'paper');
        $this->page($block)->assertJsonPath('joints.0.run.finished', true);
    }

    public function test_a_stop_and_a_look_back_say_in_which_engine_its_metal_is_now(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->world->desk('lead', 'POST', 'stops', ['what' => 'revision', 'key' => $this->world->revision->id, 'reason' => 'Wrong angle'])->assertCreated();

        $this->world->desk('lead', 'GET', 'stops/1')->assertOk()->assertJsonCount(1, 'engines')->assertJsonPath('engines.0.title', 'TN3-26-0001')->assertJsonPath('engines.0.joints', 'Main caps');
        self::assertSame('in_doubt', $this->audit()->json('replies.0.reasons.1.answer'), 'the engine is in doubt with it');
    }

    public function test_a_case_says_in_which_engine_a_head_is_now_and_whose_that_is(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->world->desk('crib', 'POST', 'tools/TW-04', ['fields' => ['months' => '6', 'permissible' => '4 %'] + (array) $this->world->desk('crib', 'GET', 'tools/TW-04')->json('fields')])->assertOk();
        $this->world->desk('crib', 'POST', 'tools/TW-04/retire', ['reason' => 'broken'])->assertOk();
        $this->artisan('queue:work', ['--stop-when-empty' => true])->assertSuccessful();
        $engines = (array) $this->world->desk('lead', 'GET', 'cases/1')->assertOk()->json('engines');

        self::assertSame(['Short block SB-0007', 'here, finished, in TN3-26-0001', 'Skerry Dredging'], [$engines[0]['serial'], $engines[0]['where'], $engines[0]['customer']]);
        self::assertStringContainsString('looked back at (case 1)', (string) $this->audit()->json('replies.3.reasons.0.sentence'), 'the engine is in doubt with it');
    }

    public function test_what_an_engine_had_in_it_when_it_left_stands_in_its_record_though_it_was_opened_since(): void
    {
        $block = $this->ready();
        $run = (string) DB::table('runs')->value('id');
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->leaves();
        $second = (string) $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0001', 'customer' => $this->world->people->customer('Skerry Dredging'), 'build' => 2])->assertCreated()->json('id');
        $this->page($second)->assertJsonPath('joints.0.within.id', $block);
        self::assertSame([$this->joints['Cylinder head'], $this->joints['Flywheel']], array_column((array) $this->page($second)->json('intake.opens'), 'joint'), 'what it carries is said of the block');
        $this->world->desk('lead', 'POST', "builds/$second/intake", ['joints' => [['joint' => $this->joints['Cylinder head'], 'opened' => true], ['joint' => $this->joints['Flywheel'], 'opened' => false]]])->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$second/joints/{$this->joints['Main caps']}/opening", ['reason' => 'Noise'])->assertNoContent();

        $this->audit()->assertJsonPath('joints.0.run.id', $run)->assertJsonPath('joints.0.run.finished', true)->assertJsonCount(16, 'joints.0.lines');
        $this->audit($second)->assertJsonPath('joints.0.run', null);
        $this->page($block)->assertJsonPath('subassembly.been', [['id' => $second, 'title' => 'TN3-26-0001, build 2'] + (array) $this->page($block)->json('subassembly.been.0')]);
        $this->exchange(['why' => 'Another one'], $second)->assertNoContent();
        $this->audit()->assertJsonPath('joints.0.within.id', $block);
        $this->page($second)->assertJsonPath('joints.0.within', null);
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_what_was_tightened_at_an_engine_that_has_left_stays_in_its_record_though_its_block_came_off_later_and_was_opened(): void
    {
        $run = $this->tightened($this->engine)->run;
        $this->leaves();
        $second = $this->back(['Main caps' => false, 'Cylinder head' => true, 'Flywheel' => false]);
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101'], $second)->assertNoContent();
        $own = Subject::query()->where('serial', 'SB-0101')->firstOrFail()->id;
        $this->page($own)->assertJsonPath('joints.0.run.id', $run)->assertJsonPath('joints.0.run.finished', true);
        $this->world->desk('lead', 'POST', "builds/$own/joints/{$this->joints['Main caps']}/opening", ['reason' => 'New shells'])->assertNoContent();

        $this->audit()->assertJsonPath('joints.0.run.id', $run)->assertJsonPath('joints.0.run.finished', true)->assertJsonCount(16, 'joints.0.lines')->assertJsonCount(3, 'joints');
        $this->audit($own)->assertJsonPath('joints.0.run', null)->assertJsonPath('joints.1.opened.why', 'New shells');
        $this->audit($second)->assertJsonPath('joints.0.run', null);
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_what_came_off_before_an_engine_left_is_not_in_its_record(): void
    {
        $this->tightened($this->engine);
        $this->exchange(['why' => self::WHY, 'serial' => 'SB-0101', 'fit' => $this->ready()])->assertNoContent();
        $this->leaves();

        $this->audit()->assertJsonPath('joints.0.within.title', 'Short block SB-0007')->assertJsonCount(3, 'joints');
        $this->exchange(['why' => self::WHY])->assertStatus(409);
    }

    public function test_nothing_is_done_to_what_is_in_an_engine_that_has_left(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->leaves();
        $says = 'Short block SB-0007 is in TN3-26-0001, which is shipped; nothing more can be done to it.';

        $this->world->desk('lead', 'POST', "builds/$block/reopen", ['reason' => 'Look at it'])->assertStatus(409)->assertJsonPath('detail', $says);
        $this->world->desk('lead', 'POST', "builds/$block/joints/{$this->joints['Main caps']}/opening", ['reason' => 'Look at it'])->assertStatus(409);
        $this->page($block)->assertJsonPath('state', 'finished');
    }

    public function test_a_second_build_that_was_opened_by_mistake_leaves_it_where_it_was(): void
    {
        $block = $this->ready();
        $this->exchange(['fit' => $block])->assertNoContent();
        $this->leaves();
        $second = (string) $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0001', 'customer' => $this->world->people->customer('Skerry Dredging'), 'build' => 2])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', "builds/$second/call-off", ['reason' => 'Wrong serial'])->assertNoContent();

        $this->page($block)->assertJsonPath('says', 'in TN3-26-0001');
        self::assertSame([$this->engine], Fitting::query()->pluck('engine')->all());
    }

    /** With the rest of it on paper, finished and shipped. */
    private function leaves(): void
    {
        foreach (['Cylinder head', 'Flywheel'] as $joint) {
            $this->onPaper($this->engine, $joint);
        }
        foreach (['finish', 'ship'] as $move) {
            $this->world->desk('lead', 'POST', "builds/$this->engine/$move")->assertNoContent();
        }
        $this->travelTo('2026-08-20 09:00:00');
    }

    /** @param  array<string, bool>  $opened  by joint */
    private function back(array $opened): string
    {
        $second = (string) $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0001', 'customer' => $this->world->people->customer('Skerry Dredging'), 'build' => 2])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', "builds/$second/intake", ['joints' => array_map(fn (string $joint, bool $is): array => ['joint' => $this->joints[$joint], 'opened' => $is], array_keys($opened), $opened)])->assertNoContent();

        return $second;
    }

    /** @return list<string> titles of what waits for the lead */
    private function needs(): array
    {
        return array_map(strval(...), array_column((array) $this->world->desk('lead', 'GET', 'today')->json('needs'), 'title'));
    }
}
