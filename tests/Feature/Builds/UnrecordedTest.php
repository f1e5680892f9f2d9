<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Library\Models\Joint;
use App\Record\Models\Subject;
use App\Shared\Ids;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** Nothing is finished in silence: what is not recorded is named, shown on paper, or let go by a permit that two people answer for. */
final class UnrecordedTest extends FeatureTestCase
{
    private string $build;

    private Joint $flywheel;

    protected function setUp(): void
    {
        parent::setUp();
        $this->flywheel = Joint::query()->create(['id' => Ids::next(), 'family' => $this->world->joint->family, 'name' => 'Flywheel', 'assembly_order' => 2]);
        $this->build = $this->world->build();
    }

    /** Found wrong: an engine of which one joint was recorded was finished and shipped by two clicks. */
    public function test_finishing_names_every_joint_that_is_not_recorded_those_without_a_procedure_too(): void
    {
        $this->finish()->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0001 is not done. Main caps: not given to anybody. Flywheel: it has no approved procedure, and nothing of it is recorded.');
        $job = $this->world->job($this->build);
        $this->finish()->assertStatus(409);
        self::assertSame('on Rafe Ondling’s hook, not begun', $this->page()['missing'][0]['why']);
        $bench = $this->world->bench()->ready($job);
        foreach (['snug:c2a:1', 'snug:c3b:1', 'snug:c3a:1', 'snug:c2b:1'] as $step) {
            $bench->send($bench->reading($step, '32.0'))->assertOk();
        }
        self::assertSame('4 of 16 steps', $this->page()['missing'][0]['why']);
        self::assertSame('open', Subject::query()->findOrFail($this->build)->state->value);
    }

    public function test_a_joint_done_before_is_told_with_its_scan_and_never_counted_as_yes(): void
    {
        $this->mainCapsAreDone();
        $this->paper($this->flywheel)->assertNoContent();
        $page = $this->page();

        self::assertSame([], $page['missing']);
        self::assertSame(['kind' => 'paper', 'says' => 'before Tekkal, on paper: 2 June 2026, N. Harrow', 'code' => null, 'build' => null], $page['joints'][1]['outside']);
        $scan = $this->world->desk('reader', 'GET', "builds/$this->build/joints/{$this->flywheel->id}/paper")->assertOk();
        self::assertSame('image/png', $scan->headers->get('Content-Type'));
        self::assertSame('no', $this->answer());
        $this->finish()->assertNoContent();
    }

    public function test_the_scan_is_for_the_eyes_of_whoever_may_see_the_engine(): void
    {
        $other = $this->world->build('TN3-26-0002', 'Lantern Bay Ferries');
        $this->paper($this->flywheel, $other)->assertNoContent();

        $this->world->desk('reader', 'GET', "builds/$other/joints/{$this->flywheel->id}/paper")->assertNotFound();
        $this->world->desk('lead', 'GET', "builds/$this->build/joints/{$this->flywheel->id}/paper")->assertNotFound();
    }

    public function test_what_was_entered_as_done_before_is_not_given_out_until_it_is_taken_back(): void
    {
        $this->paper($this->world->joint)->assertNoContent();
        $give = fn () => $this->world->desk('lead', 'POST', "builds/$this->build/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id]);
        $give()->assertStatus(422)->assertJsonPath('field', 'joint');
        $this->paper($this->world->joint)->assertStatus(422)->assertJsonPath('detail', 'Main caps of TN3-26-0001 stands here as done on paper already.');

        $this->takeBack()->assertNoContent();
        $this->takeBack()->assertNotFound();
        $give()->assertCreated();
        $this->paper($this->world->joint)->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001 was given out here. What is worked by a card is typed in from that card.');
    }

    public function test_a_paper_without_a_name_a_day_or_a_scan_is_refused_in_the_name_of_its_field(): void
    {
        $this->paper($this->flywheel, fields: ['worked_by' => ''])->assertStatus(422)->assertJsonPath('field', 'worked_by')->assertJsonPath('detail', 'Write the name that stands on the paper.');
        $this->paper($this->flywheel, fields: ['worked_on' => '02.06.2026'])->assertStatus(422)->assertJsonPath('field', 'worked_on');
        $this->paper($this->flywheel, fields: ['worked_on' => '2026-07-01'])->assertStatus(422)->assertJsonPath('detail', '2026-07-01 has not come yet; today is 2026-06-15.');
        $this->paper($this->flywheel, file: UploadedFile::fake()->create('card.docx', 3))->assertStatus(422)->assertJsonPath('field', 'file');
        self::assertNull($this->page()['joints'][1]['outside']);
    }

    public function test_a_permit_lets_an_engine_go_unrecorded_when_somebody_else_has_signed_it(): void
    {
        $this->mainCapsAreDone();
        $this->letGo($this->flywheel)->assertNoContent();
        $this->letGo($this->flywheel)->assertStatus(422)->assertJsonPath('detail', 'A permit for flywheel of TN3-26-0001 has been asked for already.');
        self::assertTrue($this->page()['missing'][0]['asked']);
        $this->finish()->assertStatus(409);

        $permit = (array) $this->world->desk('lead', 'GET', 'library/permits')->assertOk()->assertJsonPath('permits.0.title', 'TN3-26-0001, flywheel')->assertJsonPath('permits.0.build', $this->build)->json('permits.0');
        $this->world->desk('lead', 'POST', "library/permits/{$permit['id']}/approve", ['password' => 'fenmoor'])->assertForbidden();
        $needs = $this->world->desk('approver', 'GET', 'today')->assertOk()->json('needs');
        self::assertContains('Deviation permit DP-001 waits for a signature', array_column($needs, 'title'));
        $this->world->desk('approver', 'POST', "library/permits/{$permit['id']}/approve", ['password' => 'fenmoor'])->assertNoContent();

        $this->finish()->assertNoContent();
        self::assertSame('not recorded; permit DP-001, signed by Tobin Harrowmere, lets it go', $this->page()['joints'][1]['outside']['says']);
        self::assertSame('no', $this->answer(), 'permitted is not recorded');
    }

    public function test_a_joint_that_was_begun_and_let_go_as_it_was_has_its_permit_beside_what_is_missing(): void
    {
        $this->paper($this->flywheel)->assertNoContent();
        $bench = $this->world->bench()->ready($this->world->job($this->build));
        $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->letGo($this->world->joint)->assertNoContent();
        $id = $this->world->desk('lead', 'GET', 'library/permits')->json('permits.0.id');
        $this->world->desk('approver', 'POST', "library/permits/$id/approve", ['password' => 'fenmoor'])->assertNoContent();
        $this->finish()->assertNoContent();

        $this->world->desk('lead', 'GET', "audit/$this->build")->assertJsonPath('joints.0.permits.0.code', 'DP-001')->assertJsonPath('replies.0.reasons.0.sentence', 'Main caps: 15 of 16 steps missing.');
    }

    public function test_a_permit_that_was_refused_lets_nothing_go_and_may_be_asked_for_again(): void
    {
        $this->mainCapsAreDone();
        $this->letGo($this->flywheel)->assertNoContent();
        $id = $this->world->desk('lead', 'GET', 'library/permits')->json('permits.0.id');
        $this->world->desk('approver', 'POST', "library/permits/$id/refuse", ['reason' => 'Open it and do it again.'])->assertNoContent();

        $this->finish()->assertStatus(409);
        $this->letGo($this->flywheel)->assertNoContent();
    }

    public function test_what_is_recorded_needs_no_permit(): void
    {
        $this->mainCapsAreDone();
        $this->letGo($this->world->joint)->assertStatus(422)->assertJsonPath('field', 'joint')->assertJsonPath('detail', 'Main caps of TN3-26-0001 needs no permit: nothing of it is missing.');
        $this->world->desk('lead', 'POST', "builds/$this->build/joints/{$this->flywheel->id}/let-go", [])->assertStatus(422)->assertJsonPath('field', 'reason')->assertJsonPath('detail', 'Say why it leaves unrecorded.');
    }

    public function test_an_engine_of_which_the_rest_is_on_paper_stands_under_today_as_done(): void
    {
        $this->mainCapsAreDone();
        self::assertNotContains('Finish it', array_column($this->world->desk('lead', 'GET', 'today')->json('needs'), 'action'));
        $this->paper($this->flywheel)->assertNoContent();

        self::assertContains('Finish it', array_column($this->world->desk('lead', 'GET', 'today')->json('needs'), 'action'));
        $this->world->desk('lead', 'GET', 'builds')->assertJsonPath('builds.0.as', 'done')->assertJsonPath('builds.0.joints', [['name' => 'Main caps', 'as' => 'done'], ['name' => 'Flywheel', 'as' => 'outside']]);
    }

    private function mainCapsAreDone(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->build));
        $bench->completeAll();
        $bench->finish()->assertOk();
    }

    /**
     * @param  array<string, string>  $fields
     * @return TestResponse<Response>
     */
    private function paper(Joint $joint, ?string $build = null, array $fields = [], ?UploadedFile $file = null): TestResponse
    {
        return $this->world->deskFile('lead', 'builds/'.($build ?? $this->build)."/joints/$joint->id/paper", $fields + ['worked_by' => 'N. Harrow', 'worked_on' => '2026-06-02'], $file ?? UploadedFile::fake()->image('card.png', 40, 30));
    }

    /** @return TestResponse<Response> */
    private function takeBack(): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/joints/{$this->world->joint->id}/paper/take-back");
    }

    /** @return TestResponse<Response> */
    private function letGo(Joint $joint): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/joints/$joint->id/let-go", ['reason' => 'Its card was lost; the bolts were looked at and marked.']);
    }

    /** @return TestResponse<Response> */
    private function finish(): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/finish");
    }

    /** @return array<string, mixed> */
    private function page(): array
    {
        return (array) $this->world->desk('lead', 'GET', "builds/$this->build")->assertOk()->json();
    }

    private function answer(): string
    {
        return (string) $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->json('replies.0.answer');
    }
}
