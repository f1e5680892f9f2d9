<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Procedure;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** Which hardware an engine gets at a joint is asked, named and kept; another kit is another torque. */
final class HardwareTest extends FeatureTestCase
{
    private string $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
    }

    public function test_the_only_hardware_that_is_approved_is_shown_as_that_and_not_as_chosen(): void
    {
        self::assertSame(['option' => 'stock bolts', 'chosen' => false], $this->joint()['hardware']);
        self::assertNotNull($this->joint()['revision']);
    }

    /** Found wrong: a second approved option silently changed engines whose joint nobody had been given yet. */
    public function test_a_second_option_changes_no_engine_in_silence(): void
    {
        $this->secondOption();

        self::assertSame([null, null], [$this->joint()['hardware'], $this->joint()['revision']], 'nobody has said which');
        self::assertSame(['stock bolts', 'stud kit'], array_column($this->joint()['options'], 'option'));
        $this->world->desk('lead', 'GET', "builds/$this->build")->assertJsonPath('as', 'needs_a_hand')->assertJsonPath('says', 'main caps: hardware not chosen');
        $this->give()->assertStatus(422)->assertJsonPath('field', 'procedure')->assertJsonPath('detail', 'Main caps has 2 hardware options. Say which is fitted.');
        $this->world->desk('lead', 'GET', "audit/$this->build")->assertJsonPath('joints.0.without', 'nobody has said which hardware is fitted, and nothing of it is recorded')->assertJsonPath('joints.0.revision', null);
        [$need] = $this->needs();
        self::assertSame('Tarn TN3 main caps: hardware not chosen on one engine', $need['title']);
        self::assertStringContainsString('Stock bolts or stud kit?', $need['why']);
    }

    public function test_what_was_chosen_before_stays_and_what_is_chosen_is_what_is_given_out(): void
    {
        $this->choose($this->world->procedure->id)->assertNoContent();
        $kit = $this->secondOption();
        $this->isFitted('stock bolts');

        $this->choose($kit->id)->assertNoContent();
        $this->give()->assertCreated();
        $this->isFitted('stud kit');
        $hook = $this->world->bench()->get('hook')['mine'] ?? [];
        self::assertSame('stud kit', $hook[0]['hardware'] ?? null);
        self::assertSame([], $this->needs());
    }

    public function test_hardware_that_was_given_out_is_not_chosen_otherwise_before_the_job_is_taken_back(): void
    {
        $kit = $this->secondOption();
        $job = (string) $this->give($this->world->procedure->id)->assertCreated()->json('id');
        self::assertTrue($this->joint()['hardware']['chosen'], 'giving it out says so too');
        $this->choose($kit->id)->assertStatus(409)->assertJsonPath('detail', 'Main caps of TN3-26-0001 was given out with its hardware. Take the job back first; work that was begun stays with what was fitted.');

        $this->world->desk('lead', 'POST', "assignments/$job/take-back")->assertNoContent();
        $this->choose($kit->id)->assertNoContent();
        $this->give($this->world->procedure->id)->assertStatus(422)->assertJsonPath('field', 'procedure');
        $this->choose($kit->id)->assertNoContent();
    }

    public function test_hardware_that_is_none_or_has_nothing_approved_is_refused_by_name(): void
    {
        $draft = app(AddProcedure::class)($this->world->joint, 'long studs', $this->world->person('lead'));

        $this->choose($draft->id)->assertStatus(422)->assertJsonPath('field', 'procedure')->assertJsonPath('detail', 'Main caps with long studs has no approved procedure. Have one approved first.');
        $this->choose('no such thing')->assertStatus(422)->assertJsonPath('detail', 'Main caps has no such hardware option.');
        $this->world->desk('lead', 'POST', "builds/$this->build/joints/none/hardware", ['procedure' => $draft->id])->assertStatus(422)->assertJsonPath('field', 'joint');
    }

    public function test_a_procedure_that_is_withdrawn_leaves_the_hardware_named_and_nothing_to_give(): void
    {
        $this->choose($this->world->procedure->id)->assertNoContent();
        $this->secondOption();
        $this->world->desk('approver', 'POST', "library/revisions/{$this->world->revision->id}/withdraw", ['password' => 'fenmoor', 'reason' => 'The page was misread.'])->assertNoContent();

        self::assertSame([['option' => 'stock bolts', 'chosen' => true], null], [$this->joint()['hardware'], $this->joint()['revision']]);
        $this->give()->assertStatus(422)->assertJsonPath('detail', 'Main caps with stock bolts has no approved procedure. Have one approved first.');
        $this->world->desk('lead', 'GET', 'builds')->assertJsonPath('builds.0.says', 'main caps: nothing approved for its hardware');
    }

    private function isFitted(string $option): void
    {
        self::assertSame(['option' => $option, 'chosen' => true], $this->joint()['hardware']);
    }

    /** @return list<array<string, mixed>> what waits for somebody to choose, today */
    private function needs(): array
    {
        return array_values(array_filter((array) $this->world->desk('lead', 'GET', 'today')->json('needs'), fn (array $n): bool => $n['action'] === 'Choose it'));
    }

    private function secondOption(): Procedure
    {
        $kit = app(AddProcedure::class)($this->world->joint, 'stud kit', $this->world->person('lead'));
        $revision = app(SubmitRevision::class)($kit, ['option' => 'stud kit'] + World::document(), $this->world->person('lead'));
        app(ApproveRevision::class)($revision, $this->world->person('approver'));

        return $kit;
    }

    /** @return array<string, mixed> */
    private function joint(): array
    {
        return (array) $this->world->desk('lead', 'GET', "builds/$this->build")->assertOk()->json('joints.0');
    }

    /** @return TestResponse<Response> */
    private function choose(string $procedure): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/joints/{$this->world->joint->id}/hardware", ['procedure' => $procedure]);
    }

    /** @return TestResponse<Response> */
    private function give(?string $procedure = null): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id, 'procedure' => $procedure]);
    }
}
