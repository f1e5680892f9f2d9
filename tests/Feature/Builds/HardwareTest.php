<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Procedure;
use App\Library\Models\Variant;
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

    public function test_what_is_written_for_a_variant_is_proposed_to_its_engines_and_refused_for_others(): void
    {
        $kit = $this->secondOption($this->variant('long block', 'TN3-26-0500'));

        self::assertNull($this->joint()['hardware'], 'nobody has said which variant it is: nothing is guessed');
        $late = $this->world->build('TN3-26-0731');
        $this->world->desk('lead', 'GET', "builds/$late")->assertJsonPath('facts.variant', 'long block');
        self::assertSame(['option' => 'stud kit', 'chosen' => false], $this->joint($late)['hardware']);
        self::assertSame([null, 'long block'], array_column($this->joint($late)['options'], 'variant'));
        $this->give(build: $late)->assertCreated();
        self::assertSame(['option' => 'stud kit', 'chosen' => true], $this->joint($late)['hardware']);

        $this->isVariant('short deck');
        self::assertSame([['option' => 'stock bolts', 'chosen' => false], ['stock bolts']], [$this->joint()['hardware'], array_column($this->joint()['options'], 'option')]);
        $this->choose($kit->id)->assertStatus(422)->assertJsonPath('field', 'procedure')
            ->assertJsonPath('detail', 'Main caps with stud kit is for long block, and TN3-26-0001 is short deck. If that is wrong, set the engine’s variant right first.');
        $this->give($kit->id)->assertStatus(422)->assertJsonPath('field', 'procedure');
        self::assertSame([], $this->needs());
    }

    public function test_hardware_that_was_chosen_before_the_variant_was_set_right_is_to_be_chosen_again(): void
    {
        $kit = $this->secondOption($this->variant('long block', 'TN3-26-0500'));
        $this->choose($kit->id)->assertNoContent();

        $this->isVariant('short deck');
        self::assertSame([['option' => 'stud kit', 'chosen' => true], null], [$this->joint()['hardware'], $this->joint()['revision']]);
        $this->give()->assertStatus(422)->assertJsonPath('field', 'procedure');
        $this->choose($this->world->procedure->id)->assertNoContent();
        $this->give()->assertCreated();
    }

    public function test_the_only_option_is_asked_about_where_it_is_for_a_variant_that_nobody_has_named(): void
    {
        $this->secondOption($this->variant('long block', ''));
        $this->world->desk('approver', 'POST', "library/revisions/{$this->world->revision->id}/withdraw", ['password' => 'fenmoor', 'reason' => 'The page was misread.'])->assertNoContent();

        self::assertNull($this->joint()['hardware']);
        $this->give()->assertStatus(422)->assertJsonPath('detail', 'The only approved hardware option of main caps is for a variant. Say which variant this engine is, or that it gets it.');
        self::assertStringContainsString('Stud kit is written for a variant: which are they?', $this->needs()[0]['why'] ?? '');
    }

    public function test_a_table_of_engines_says_which_variant_each_number_is(): void
    {
        $this->variant('long block', 'TN3-26-0500');
        $this->world->desk('lead', 'POST', 'builds/read', ['text' => "TN3-26-0499\nTN3-26-0500", 'customer' => 'Skerry Dredging', 'waits' => true])->assertOk()
            ->assertJsonPath('rows.0.fields.variant', null)->assertJsonPath('rows.1.fields.variant', 'long block');
    }

    public function test_a_variant_of_another_family_is_refused_for_a_procedure(): void
    {
        $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => 'studs', 'variant' => 'elsewhere'])->assertStatus(422)->assertJsonPath('field', 'variant');
    }

    /** @return string its id */
    private function variant(string $name, string $from): string
    {
        $none = ['serials_to' => null, 'years_from' => null, 'years_to' => null, 'note' => null];
        $variants = [['name' => $name, 'serials_from' => $from] + $none, ['name' => 'short deck', 'serials_from' => null] + $none];
        $this->world->desk('lead', 'POST', 'library/families', ['code' => 'TN3', 'name' => 'Tarn TN3', 'joints' => [], 'variants' => $variants])->assertSuccessful();

        return Variant::query()->where('name', $name)->firstOrFail()->id;
    }

    private function isVariant(string $name): void
    {
        $this->world->desk('lead', 'POST', "builds/$this->build/facts", ['variant' => $name])->assertNoContent();
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

    private function secondOption(?string $variant = null): Procedure
    {
        $kit = app(AddProcedure::class)($this->world->joint, 'stud kit', $this->world->person('lead'), variant: $variant);
        $revision = app(SubmitRevision::class)($kit, ['option' => 'stud kit'] + World::document(), $this->world->person('lead'));
        app(ApproveRevision::class)($revision, $this->world->person('approver'));

        return $kit;
    }

    /** @return array<string, mixed> */
    private function joint(?string $build = null): array
    {
        return (array) $this->world->desk('lead', 'GET', 'builds/'.($build ?? $this->build))->assertOk()->json('joints.0');
    }

    /** @return TestResponse<Response> */
    private function choose(string $procedure): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/$this->build/joints/{$this->world->joint->id}/hardware", ['procedure' => $procedure]);
    }

    /** @return TestResponse<Response> */
    private function give(?string $procedure = null, ?string $build = null): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'builds/'.($build ?? $this->build).'/assignments', ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id, 'procedure' => $procedure]);
    }
}
