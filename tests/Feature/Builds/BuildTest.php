<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Record\Models\Subject;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

final class BuildTest extends FeatureTestCase
{
    public function test_a_serial_with_its_customer_opens_build_one(): void
    {
        $id = $this->open('tn3-26-0001 ')->assertCreated()->json('id');

        self::assertSame(['TN3-26-0001', 1], [Subject::query()->findOrFail($id)->serial, Subject::query()->findOrFail($id)->build_number]);
    }

    public function test_a_serial_that_is_open_is_refused(): void
    {
        $this->world->build();
        $this->open('TN3-26-0001')->assertStatus(409)->assertJsonPath('type', 'tekkal:build-open')->assertJsonPath('detail', 'TN3-26-0001 is already open. Finish that build before the next one.');
        $this->open('TN3-26-0001', ['build' => 2])->assertStatus(409);
    }

    public function test_a_serial_that_was_here_before_is_asked_about_and_then_opened_as_its_next_build(): void
    {
        $this->finished();
        $this->open('TN3-26-0001')->assertStatus(409)->assertJsonPath('type', 'tekkal:earlier-build')->assertJsonPath('next_build', 2)
            ->assertJsonPath('detail', 'TN3-26-0001 was here before: build 1, finished. Is this its build 2?');
        $id = $this->open('TN3-26-0001', ['build' => 2])->assertCreated()->json('id');

        self::assertSame('TN3-26-0001, build 2', Subject::query()->findOrFail($id)->title());
    }

    /** @return iterable<string, array{string, string}> serial, what the sentence names */
    public static function badSerials(): iterable
    {
        yield 'another family' => ['HG4-26-0001', 'no engine family HG4'];
        yield 'no serial at all' => ['engine', 'reads like TN3-12-3456'];
        yield 'a script' => ['<script>alert(1)</script>', 'reads like'];
        yield 'too long' => [str_repeat('T', 41), 'at most 40 characters'];
        yield 'nothing' => ['', 'Write or scan'];
        yield 'a line feed' => ["TN3-26-0001\nX", 'reads like'];
    }

    #[DataProvider('badSerials')]
    public function test_a_bad_serial_is_refused_by_name(string $serial, string $named): void
    {
        $title = $this->open($serial)->assertStatus(422)->assertJsonPath('field', 'serial')->json('detail');
        self::assertStringContainsString($named, $title);
    }

    public function test_a_build_needs_a_customer_that_exists(): void
    {
        $this->open('TN3-26-0001', ['customer' => 'nobody'])->assertStatus(422)->assertJsonPath('field', 'customer');
    }

    public function test_a_desk_command_sent_twice_is_carried_out_once(): void
    {
        $open = ['id' => (string) Str::uuid7()];
        $build = $this->open('TN3-26-0001', $open)->assertCreated()->json('id');
        self::assertSame($build, $this->open('TN3-26-0001', $open)->assertCreated()->json('id'));

        $give = ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id, 'id' => (string) Str::uuid7()];
        $job = $this->world->desk('lead', 'POST', "builds/$build/assignments", $give)->assertCreated()->json('id');
        self::assertSame($job, $this->world->desk('lead', 'POST', "builds/$build/assignments", $give)->assertCreated()->json('id'));
    }

    public function test_a_joint_is_given_once_and_only_to_somebody_at_a_bench(): void
    {
        $build = $this->world->build();
        $give = fn (string $who) => $this->world->desk('lead', 'POST', "builds/$build/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person($who)->id]);

        $give('crib')->assertStatus(422)->assertJsonPath('field', 'person');
        $give('1041')->assertCreated();
        $give('1042')->assertStatus(422)->assertJsonPath('field', 'joint');
    }

    public function test_a_joint_of_another_family_is_not_given(): void
    {
        $this->world->desk('lead', 'POST', 'builds/'.$this->world->build().'/assignments', ['joint' => 'none', 'person' => $this->world->person('1041')->id])->assertStatus(422)->assertJsonPath('field', 'joint');
    }

    public function test_work_that_was_begun_is_not_taken_back(): void
    {
        $job = $this->world->job($this->world->build());
        $this->world->bench()->begin($job);
        $this->world->desk('lead', 'POST', "assignments/$job/take-back")->assertStatus(409)->assertJsonPath('type', 'tekkal:run-begun');
    }

    public function test_work_taken_back_can_be_given_to_another(): void
    {
        $build = $this->world->build();
        $this->world->desk('lead', 'POST', 'assignments/'.$this->world->job($build).'/take-back')->assertNoContent();
        $this->world->job($build, '1042');
        $this->world->desk('lead', 'GET', "builds/$build")->assertJsonPath('joints.0.given.person', 'Juno Castrel');
    }

    public function test_a_build_with_a_joint_not_done_is_not_finished(): void
    {
        $build = $this->world->build();
        $this->world->desk('lead', 'POST', "builds/$build/finish")->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0001 is not done. Main caps: not given to anybody.');
    }

    public function test_only_a_finished_build_is_shipped_and_only_once(): void
    {
        $open = $this->world->build('TN3-26-0002');
        $this->world->desk('lead', 'POST', "builds/$open/ship")->assertStatus(409)->assertJsonPath('type', 'tekkal:not-finished');
        $done = $this->finished();
        $this->world->desk('lead', 'POST', "builds/$done/ship")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$done/ship")->assertStatus(409);
    }

    public function test_nothing_more_is_given_out_in_a_finished_build(): void
    {
        $done = $this->finished();
        $this->world->desk('lead', 'POST', "builds/$done/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id])->assertStatus(409)->assertJsonPath('type', 'tekkal:build-closed');
    }

    public function test_finishing_is_undone_while_the_engine_is_here_and_shipping_is_not(): void
    {
        $build = $this->finished();
        $reopen = fn (string $why) => $this->world->desk('lead', 'POST', "builds/$build/reopen", ['reason' => $why]);
        $reopen('')->assertStatus(422)->assertJsonPath('field', 'reason')->assertJsonPath('detail', 'Say why.');
        $reopen('A seal weeps.')->assertNoContent();
        $this->world->desk('lead', 'GET', "builds/$build")->assertJsonPath('state', 'open')->assertJsonPath('finished_at', null);
        $reopen('Again.')->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0001 is on a stand; only one that is finished and still here is taken up again.');

        $this->world->desk('lead', 'POST', "builds/$build/finish")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$build/ship")->assertNoContent();
        $reopen('It should not have left.')->assertStatus(409);
        $this->world->desk('lead', 'POST', "builds/$build/facts", ['note' => 'late'])->assertStatus(409)->assertJsonPath('type', 'tekkal:build-closed');
        $this->world->desk('lead', 'GET', 'builds')->assertJsonPath('builds', []);
        $this->world->desk('lead', 'GET', 'builds?state=shipped')->assertJsonPath('builds.0.as', 'shipped')->assertJsonPath('builds.0.joints', [['name' => 'Main caps', 'as' => 'done']]);
    }

    private function finished(): string
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));
        $bench->completeAll();
        $bench->finish()->assertOk();
        $this->world->desk('lead', 'POST', "builds/$build/finish")->assertNoContent();

        return $build;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function open(string $serial, array $change = []): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'builds', $change + ['serial' => $serial, 'customer' => $this->world->people->customer('Skerry Dredging')]);
    }
}
