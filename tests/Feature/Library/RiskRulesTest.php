<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Bench\RunContext;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** What the shop wants of each risk class: asked for by one, signed by another, held against what is signed and begun from then on. */
final class RiskRulesTest extends FeatureTestCase
{
    public function test_until_somebody_says_otherwise_the_classes_ask_for_what_they_come_with(): void
    {
        $this->world->desk('reader', 'GET', 'library/risk-rules')->assertForbidden();
        $this->world->desk('lead', 'GET', 'library/risk-rules')->assertOk()->assertJsonPath('set', null)->assertJsonPath('asked', null)
            ->assertJsonPath('rules.0', ['class' => 'A', 'least' => 'one_by_one', 'least_words' => 'a word for each fastener', 'watched' => false, 'second_look' => true])
            ->assertJsonPath('rules.2.least', 'as_round');
    }

    public function test_they_hold_once_somebody_else_has_signed_them_and_take_each_others_place(): void
    {
        $first = $this->asked(['B' => ['one_by_one', false, false]]);
        self::assertSame('as_round', $this->world->desk('lead', 'GET', 'library/risk-rules')->json('rules.1.least'), 'asked for is not signed');
        self::assertStringContainsString('“Two heads came back.”', (string) collect((array) $this->world->desk('approver', 'GET', 'today')->json('needs'))->firstWhere('title', 'Rules of the risk classes wait for a signature')['why']);
        $second = $this->asked(['B' => ['measured', false, false]]);
        $this->sign($first)->assertStatus(422)->assertJsonPath('detail', 'They were asked for otherwise meanwhile. Look at what is asked for now.');
        $this->sign($second)->assertNoContent();
        $this->sign($second)->assertStatus(422)->assertJsonPath('detail', 'They were signed already.');

        $this->world->desk('lead', 'GET', 'library/risk-rules')->assertJsonPath('rules.1.least', 'measured')->assertJsonPath('asked', null)->assertJsonPath('set.why', 'Two heads came back.');
        $third = $this->asked(['B' => ['one_by_one', false, true]]);
        $this->sign($third)->assertNoContent();
        $this->world->desk('lead', 'GET', 'library/risk-rules')->assertJsonPath('rules.1.least', 'one_by_one');
    }

    public function test_nobody_signs_what_they_asked_for_and_a_wrong_password_signs_nothing(): void
    {
        $id = $this->asked(['B' => ['one_by_one', false, false]]);
        $this->sign($id, 'lead')->assertForbidden();
        $this->world->desk('approver', 'POST', "library/risk-rules/$id/approve", ['password' => 'wrong'])->assertStatus(422)->assertJsonPath('field', 'password');
        $this->sign('none')->assertNotFound()->assertJsonPath('detail', 'There are no such rules.');
        $this->world->desk('lead', 'GET', 'library/risk-rules')->assertJsonPath('set', null);
    }

    public function test_rules_that_ask_for_less_than_a_class_comes_with_are_refused_with_what_it_asks_for(): void
    {
        $this->ask(['A' => ['as_round', false, true]])->assertStatus(422)->assertJsonPath('field', 'rules.A')
            ->assertJsonPath('detail', 'Class A asks for at least a word for each fastener, a second person at the end; this asks for a word for the round, a second person at the end.');
        $this->ask(['C' => ['measured', false, false]])->assertStatus(422)->assertJsonPath('field', 'rules.B');
        $this->ask([], ['why' => ''])->assertStatus(422)->assertJsonPath('field', 'why')->assertJsonPath('detail', 'Say why, in a sentence: whoever signs reads it.');
        $this->ask([], ['rules' => []])->assertStatus(422)->assertJsonPath('field', 'rules');
    }

    public function test_a_revision_that_allows_less_is_not_signed_and_one_in_force_is_named(): void
    {
        $this->sign($this->asked(['A' => ['measured', true, true]]))->assertNoContent();

        $this->world->desk('lead', 'GET', 'library/risk-rules')->assertJsonCount(1, 'fall_short')->assertJsonPath('fall_short.0.revision', $this->world->revision->id);
        $stored = app(SubmitRevision::class)($this->world->procedure, World::document(), $this->world->person('lead'));
        $said = (string) $this->world->desk('approver', 'POST', "library/revisions/$stored->id/approve", ['password' => 'fenmoor', 'document_hash' => $stored->document_hash])->assertStatus(422)->json('detail');
        self::assertStringContainsString('in this shop class A wants a second quantity', $said);
        $look = (array) $this->world->desk('lead', 'POST', 'library/look', ['document' => World::document()])->assertOk()->json('not_approvable');
        self::assertStringContainsString('in this shop class A wants a second quantity', (string) json_encode($look));
    }

    public function test_a_run_of_a_class_that_two_look_at_by_the_shops_rules_ends_with_two(): void
    {
        $document = ['risk_class' => 'B'] + World::document();
        app(ApproveRevision::class)(app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead')), $this->world->person('approver'));
        $before = $this->world->bench()->begin($this->world->job($this->world->build()));
        $this->sign($this->asked(['B' => ['as_round', false, true]]))->assertNoContent();
        $after = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->world->build('TN3-26-0002'), '1042'));

        self::assertSame([false, true], [self::isForTwo($before->run), self::isForTwo($after->run)], 'what is under way stays as it began');
    }

    private static function isForTwo(string $run): bool
    {
        return RunContext::get($run)->fold->looks->isForTwo();
    }

    /** @param  array<string, array{string, bool, bool}>  $rules  those that differ from what the classes come with */
    private function asked(array $rules): string
    {
        return (string) $this->ask($rules)->assertCreated()->json('id');
    }

    /**
     * @param  array<string, array{string, bool, bool}>  $rules
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function ask(array $rules, array $body = []): TestResponse
    {
        $rules += ['A' => ['measured', true, true], 'B' => ['as_round', false, false], 'C' => ['as_round', false, false]];

        return $this->world->desk('lead', 'POST', 'library/risk-rules', $body + [
            'rules' => array_map(fn (string $class, array $r): array => ['class' => $class, 'least' => $r[0], 'watched' => $r[1], 'second_look' => $r[2]], array_keys($rules), $rules), 'why' => 'Two heads came back.',
        ]);
    }

    /** @return TestResponse<Response> */
    private function sign(string $id, string $who = 'approver'): TestResponse
    {
        return $this->world->desk($who, 'POST', "library/risk-rules/$id/approve", ['password' => 'fenmoor']);
    }
}
