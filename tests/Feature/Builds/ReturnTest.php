<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Audit\Print\FolderPage;
use App\Builds\Actions\OpenBuild;
use App\Builds\Opening;
use App\Library\Actions\AddFamily;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** An engine that is back after months: what is opened starts again, with what rests on it; what is not is answered for by the build before; cycles go on. */
final class ReturnTest extends FeatureTestCase
{
    private string $first;

    private string $second;

    /** @var array<string, string> ids by name */
    private array $joints;

    protected function setUp(): void
    {
        parent::setUp();
        $lead = $this->world->person('lead');
        $family = app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Connecting rods', 'Flywheel'], [], $lead);
        $this->joints = array_map(strval(...), Joint::query()->where('family', $family->id)->pluck('id', 'name')->all());
        $this->first = $this->world->build();
        $this->done($this->first, 'Bench 1');
        foreach (['Connecting rods', 'Flywheel'] as $joint) {
            $this->world->deskFile('lead', "builds/$this->first/joints/{$this->joints[$joint]}/paper", ['worked_by' => 'N. Harrow', 'worked_on' => '2026-06-02'], UploadedFile::fake()->image('card.png', 8, 8))->assertNoContent();
        }
        $this->world->desk('lead', 'POST', "builds/$this->first/finish")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$this->first/ship")->assertNoContent();
        $this->travelTo('2026-08-20 09:00:00');
        $this->second = app(OpenBuild::class)(new Opening('TN3-26-0001', $this->world->people->customer('Skerry Dredging'), 2), $lead);
    }

    public function test_what_was_opened_is_asked_before_anything_else(): void
    {
        $this->page()->assertJsonPath('as', 'needs_a_hand')->assertJsonPath('says', 'it is back: what was opened?')->assertJsonPath('intake.said', false)->assertJsonPath('intake.before.title', 'TN3-26-0001, build 1');
        self::assertContains('nobody has said whether it was opened', array_column((array) $this->page()->json('missing'), 'why'));
    }

    public function test_what_stays_is_answered_for_by_the_build_before_and_what_is_opened_starts_again(): void
    {
        $this->intake(['Main caps' => false, 'Connecting rods' => true, 'Flywheel' => false])->assertNoContent();
        $page = $this->page()->assertJsonPath('intake.said', true);
        self::assertSame(['stayed', 'as TN3-26-0001, build 1, left it', $this->first], [$page->json('joints.0.outside.kind'), $page->json('joints.0.outside.says'), $page->json('joints.0.outside.build')]);
        self::assertSame(['Connecting rods'], array_column((array) $page->json('missing'), 'name'));
        $this->give()->assertStatus(422)->assertJsonPath('detail', 'Main caps of TN3-26-0001, build 2 was not opened in this build. Say first that it was.');

        $audit = $this->world->desk('lead', 'GET', "audit/$this->second")->assertOk()->assertJsonPath('joints.0.stayed', ['id' => $this->first, 'title' => 'TN3-26-0001, build 1'])
            ->assertJsonPath('joints.0.run.finished', true)->assertJsonPath('joints.1.stayed', null);
        self::assertCount(16, (array) $audit->json('joints.0.lines'), 'the results of that record');
        self::assertSame('yes', $audit->json('replies.1.answer'), 'in their windows, as that record tells');
        self::assertStringContainsString('before Tekkal, on paper', (string) $audit->json('joints.2.without'), 'what was on paper then is on paper now');
        self::assertStringContainsString('not opened in this build', (string) $this->app->make(FolderPage::class)->html(Subject::query()->findOrFail($this->second)));
    }

    public function test_what_rests_on_an_opened_joint_was_opened_too(): void
    {
        $this->rests(['Connecting rods' => ['Main caps']])->assertNoContent();
        $this->page()->assertJsonPath('intake.opens.0.with', [$this->joints['Connecting rods']])->assertJsonPath('intake.opens.2.with', []);
        $this->intake(['Main caps' => true, 'Connecting rods' => false, 'Flywheel' => false])->assertStatus(422)->assertJsonPath('field', 'joints')
            ->assertJsonPath('detail', 'Connecting rods cannot have stayed: it rests on what was opened.');
        $this->intake(['Main caps' => true, 'Connecting rods' => true, 'Flywheel' => false])->assertNoContent();
    }

    public function test_what_rests_on_what_is_said_of_joints_of_the_family_in_their_order(): void
    {
        $this->rests(['Main caps' => ['Connecting rods']])->assertStatus(422)->assertJsonPath('field', 'on')->assertJsonPath('detail', 'A joint rests on what is put together before it, and on nothing after.');
        $this->world->desk('lead', 'POST', "library/families/{$this->family()}/resting", ['joints' => [['joint' => 'none', 'on' => []]]])->assertStatus(422)->assertJsonPath('field', 'joint');
        $this->rests(['Connecting rods' => ['Main caps'], 'Flywheel' => []])->assertNoContent();
        self::assertSame([$this->joints['Main caps']], $this->world->desk('lead', 'GET', 'library/families')->json('families.0.joints.1.rests_on'));
        $this->artisan('tekkal:verify')->assertSuccessful();
    }

    public function test_condition_and_first_movement_are_kept_with_their_unit_and_judged_by_nothing(): void
    {
        $lines = [['joint' => $this->joints['Main caps'], 'opened' => true, 'found' => 'cap 2 fretted', 'movements' => [['at' => '3', 'value' => '41 lbf ft']]]];
        $rest = [['joint' => $this->joints['Connecting rods'], 'opened' => false], ['joint' => $this->joints['Flywheel'], 'opened' => false]];
        $post = fn (array $lines): TestResponse => $this->world->desk('lead', 'POST', "builds/$this->second/intake", ['joints' => $lines]);
        $post([...$lines, ...$rest])->assertNoContent();
        $this->page()->assertJsonPath('joints.0.returned', ['opened' => true, 'found' => 'cap 2 fretted', 'movements' => [['at' => '3', 'value' => "41\u{A0}lbf·ft"]]]);

        $lines[0]['movements'][0]['value'] = '41';
        $post([...$lines, ...$rest])->assertStatus(422)->assertJsonPath('field', 'joints.0.movements.0.value')->assertJsonPath('detail', '"41" is no torque with its unit; 28 N·m or 21 lbf·ft is wanted.');
        $lines[0]['movements'][0] = ['at' => '', 'value' => '41 N.m'];
        $post([...$lines, ...$rest])->assertStatus(422)->assertJsonPath('field', 'joints.0.movements.0.at');
    }

    public function test_each_joint_is_told_of_once_and_none_of_another_engine(): void
    {
        $this->intake(['Main caps' => true])->assertStatus(422)->assertJsonPath('detail', 'Say of each joint once whether it was opened; of Connecting rods nothing is said.');
        $post = fn (array $lines): TestResponse => $this->world->desk('lead', 'POST', "builds/$this->second/intake", ['joints' => $lines]);
        $post([['joint' => 'none', 'opened' => true]])->assertStatus(422)->assertJsonPath('field', 'joints');
        $post([])->assertStatus(422)->assertJsonPath('field', 'joints');
        $all = array_map(fn (string $j): array => ['joint' => $j, 'opened' => true], array_values($this->joints));
        $post([...$all, $all[0]])->assertStatus(422)->assertJsonPath('detail', 'Say of each joint once whether it was opened; one stands there twice.');
    }

    public function test_a_first_build_has_nothing_that_a_joint_could_be_left_to(): void
    {
        $other = $this->world->build('TN3-26-0002');
        $this->world->desk('lead', 'POST', "builds/$other/intake", ['joints' => [['joint' => $this->joints['Main caps'], 'opened' => true]]])->assertStatus(409);
        $this->world->desk('lead', 'GET', "builds/$other")->assertJsonPath('intake', null);
    }

    public function test_more_may_be_found_open_later_but_nothing_that_was_given_out_stayed(): void
    {
        $this->intake(['Main caps' => false, 'Connecting rods' => false, 'Flywheel' => true])->assertNoContent();
        $this->intake(['Main caps' => true, 'Connecting rods' => false, 'Flywheel' => true])->assertNoContent();
        $this->give()->assertCreated();
        $this->intake(['Main caps' => false, 'Connecting rods' => false, 'Flywheel' => true])->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001, build 2 was given out in this build: it did not stay as it was.');
    }

    public function test_a_build_is_not_taken_up_again_when_the_engine_is_here_in_its_next(): void
    {
        DB::table('subjects')->where('id', $this->first)->update(['state' => 'finished']);
        $this->world->desk('lead', 'POST', "builds/$this->first/reopen", ['reason' => 'A seal weeps.'])->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0001 is here since as TN3-26-0001, build 2. What is done to it belongs there.');
    }

    public function test_fasteners_that_come_back_go_on_counting(): void
    {
        $this->intake(['Main caps' => true, 'Connecting rods' => true, 'Flywheel' => true])->assertNoContent();
        $bench = $this->done($this->second, 'Bench 2');
        $state = RunHistory::foldEntries(RunHistory::entries($bench->run), Procedures::plan((string) DB::table('runs')->where('id', $bench->run)->value('plan_hash')))->freeze();

        self::assertSame(2, $state->cycles('c2a'));
    }

    private function done(string $build, string $bench): BenchActor
    {
        $actor = $this->world->bench($this->world->device($bench))->ready($this->world->job($build));
        $actor->completeAll();
        $actor->finish()->assertOk();

        return $actor;
    }

    /**
     * @param  array<string, bool>  $opened  by name
     * @return TestResponse<Response>
     */
    private function intake(array $opened): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->second/intake", ['joints' => array_map(fn (string $name, bool $is): array => ['joint' => $this->joints[$name], 'opened' => $is], array_keys($opened), $opened)]);
    }

    /**
     * @param  array<string, list<string>>  $on  by name
     * @return TestResponse<Response>
     */
    private function rests(array $on): TestResponse
    {
        return $this->world->desk('lead', 'POST', "library/families/{$this->family()}/resting", [
            'joints' => array_map(fn (string $name, array $of): array => ['joint' => $this->joints[$name], 'on' => array_map(fn (string $o): string => $this->joints[$o], $of)], array_keys($on), $on),
        ]);
    }

    private function family(): string
    {
        return Family::query()->where('code', 'TN3')->firstOrFail()->id;
    }

    /** @return TestResponse<Response> */
    private function give(): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->second/assignments", ['joint' => $this->joints['Main caps'], 'person' => $this->world->person('1041')->id]);
    }

    /** @return TestResponse<Response> */
    private function page(): TestResponse
    {
        return $this->world->desk('lead', 'GET', "builds/$this->second")->assertOk();
    }
}
