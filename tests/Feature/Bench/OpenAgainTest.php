<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\RunContext;
use App\Library\Actions\AddFamily;
use App\Library\Models\Joint;
use App\Record\Models\Run;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tekkal\Core\Run\ThingState;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** A joint that was worked in this build comes apart again: what was done stays on record, holds nothing any more, and is done anew. */
final class OpenAgainTest extends FeatureTestCase
{
    private const WHY = 'It leaks at the front';

    private string $build;

    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
        $this->bench = $this->world->bench();
    }

    public function test_a_finished_joint_is_open_again_and_its_results_hold_nothing_any_more(): void
    {
        $this->done();
        $this->audit()->assertJsonPath('replies.0.answer', 'yes');
        $this->opens()->assertNoContent();

        $this->page()->assertJsonPath('joints.0.run', null)->assertJsonPath('joints.0.given', null)->assertJsonPath('joints.0.opened.why', self::WHY)->assertJsonPath('says', 'main caps free to give');
        self::assertSame(['reopened'], DB::table('results')->where('run', $this->bench->run)->distinct()->pluck('status')->all());
        $this->world->desk('lead', 'POST', "builds/$this->build/finish")->assertStatus(409);
        $this->audit()->assertJsonPath('replies.0.answer', 'no')->assertJsonCount(2, 'joints')->assertJsonPath('joints.1.opened.why', self::WHY)->assertJsonCount(16, 'joints.1.lines');
    }

    public function test_it_is_given_out_anew_and_its_fasteners_go_on_counting(): void
    {
        $this->done();
        $this->opens()->assertNoContent();
        $second = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->build, '1042'));
        $bolt = RunContext::get($second->run)->fold->fasteners->bolt('c1a');

        self::assertSame([1, ThingState::Loose], [$bolt->count, $bolt->is]);
        self::assertNotSame($this->bench->run, $second->run);
        $this->audit()->assertJsonPath('joints.0.run.id', $second->run)->assertJsonPath('joints.0.opened', null)->assertJsonPath('joints.1.run.id', $this->bench->run);
    }

    public function test_a_bench_that_is_at_it_is_told_and_what_it_pulls_is_set_aside(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->opens()->assertNoContent();

        self::assertSame(['finished', 'Opened again', 'opened'], [($call = $this->bench->show()['view']['call'])['kind'], $call['title'], $call['act']]);
        $this->bench->send($this->bench->reading('snug:c3b:1', '32.0'))->assertJsonPath('outcomes.0.standing', 'set_aside');
        $this->bench->signs()->assertStatus(409)->assertJsonPath('detail', 'The joint was opened again; another run comes after this one.');
        self::assertSame([], $this->bench->get('hook')['mine']);
        self::assertSame([], array_filter(array_column((array) $this->world->desk('lead', 'GET', 'today')->json('needs'), 'title'), fn (string $t): bool => str_contains($t, 'main caps')));
    }

    public function test_a_run_that_was_halted_by_a_wrong_revision_ends_in_this_way_and_the_stop_no_longer_counts_it(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->world->desk('lead', 'POST', 'stops', ['what' => 'revision', 'key' => $this->world->revision->id, 'reason' => 'Wrong angle'])->assertCreated();
        $this->world->desk('lead', 'GET', 'stops/1')->assertJsonCount(1, 'runs')->assertJsonCount(1, 'engines');
        $this->opens()->assertNoContent();

        $this->world->desk('lead', 'GET', 'stops/1')->assertJsonCount(0, 'runs')->assertJsonCount(0, 'engines');
    }

    public function test_what_rests_on_it_comes_apart_with_it(): void
    {
        $rods = $this->restingJoint();
        $this->done();
        $this->world->deskFile('lead', "builds/$this->build/joints/$rods/paper", ['worked_by' => 'N. Harrow', 'worked_on' => now()->format('Y-m-d')], UploadedFile::fake()->image('card.png', 8, 8))->assertNoContent();
        $this->world->desk('lead', 'GET', $this->path())->assertOk()->assertJsonPath('joints.0.name', 'Main caps')->assertJsonPath('joints.0.finished', true)->assertJsonPath('joints.0.fasteners', []);
        $this->opens()->assertNoContent();

        $this->page()->assertJsonPath('joints.1.name', 'Connecting rods')->assertJsonPath('joints.1.outside', null);
    }

    public function test_what_was_not_begun_is_taken_back_instead(): void
    {
        $this->world->job($this->build);

        $this->opens()->assertStatus(409)->assertJsonPath('detail', 'Nothing of main caps of TN3-26-0001 was done in this build yet; there is nothing to open.')->assertJsonPath('field', 'joint');
    }

    public function test_a_finished_engine_is_taken_up_again_first(): void
    {
        $this->done();
        $this->world->desk('lead', 'POST', "builds/$this->build/finish")->assertNoContent();

        $this->opens()->assertStatus(409)->assertJsonPath('type', 'tekkal:build-closed');
    }

    public function test_it_is_said_why_and_only_a_lead_says_it(): void
    {
        $this->done();
        $this->world->desk('lead', 'POST', $this->path(), ['reason' => ''])->assertStatus(422)->assertJsonPath('detail', 'Say why it is opened again.');
        $this->world->desk('approver', 'POST', $this->path(), ['reason' => self::WHY])->assertStatus(403);
        self::assertNull(Run::query()->findOrFail($this->bench->run)->opened_at);
    }

    public function test_it_can_be_opened_twice(): void
    {
        $this->done();
        $this->opens()->assertNoContent();
        $this->opens()->assertStatus(409);
        $second = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->build, '1042'));
        $this->opens()->assertNoContent();

        $this->audit()->assertJsonCount(3, 'joints')->assertJsonPath('joints.1.run.id', $second->run);
    }

    private function done(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();
    }

    private function path(): string
    {
        return "builds/$this->build/joints/{$this->world->joint->id}/opening";
    }

    /** @return TestResponse<Response> */
    private function opens(): TestResponse
    {
        return $this->world->desk('lead', 'POST', $this->path(), ['reason' => self::WHY]);
    }

    /** @return TestResponse<Response> */
    private function page(): TestResponse
    {
        return $this->world->desk('lead', 'GET', "builds/$this->build")->assertOk();
    }

    /** @return TestResponse<Response> */
    private function audit(): TestResponse
    {
        return $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk();
    }

    private function restingJoint(): string
    {
        $lead = $this->world->person('lead');
        $family = app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Connecting rods'], [], $lead);
        $rods = (string) Joint::query()->where('name', 'Connecting rods')->value('id');
        $this->world->desk('lead', 'POST', "library/families/$family->id/resting", ['joints' => [['joint' => $rods, 'on' => [$this->world->joint->id]]]])->assertNoContent();

        return $rods;
    }
}
