<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Actions\SetStandard;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\RevisionState;
use App\People\Actions\GiveRole;
use App\People\Models\Person;
use App\People\Role;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class ReviewTest extends FeatureTestCase
{
    public function test_a_signature_takes_the_password_once_more_and_goes_into_the_ledger_with_the_documents_hash(): void
    {
        $draft = $this->world->draft();
        $this->sign($draft, ['password' => 'wrong'])->assertStatus(422)->assertJsonPath('field', 'password')->assertJsonPath('detail', 'That is not your password. Nothing was signed; try again.');
        $this->sign($draft)->assertNoContent();

        $entry = DB::table('ledger_entries')->where('stream', 'revision/'.$draft->id)->where('type', 'revision_approved')->first();
        $body = (array) json_decode((string) $entry?->body, true);
        self::assertSame($draft->document_hash, $body['revision_hash']);
        self::assertSame(['approved for use', 'Tobin Harrowmere'], [$body['data']['meaning'], $body['data']['signature']]);
    }

    public function test_ones_own_work_is_not_approved_through_the_api_either(): void
    {
        $draft = $this->world->draft();
        $this->leadWhoMaySign("library/revisions/$draft->id/approve", ['password' => 'fenmoor', 'document_hash' => $draft->document_hash])->assertForbidden()
            ->assertJsonPath('detail', 'Nobody approves what they wrote. Ask another approver to sign.');

        self::assertSame(RevisionState::InReview, RevisionStatus::query()->findOrFail($draft->id)->state);
    }

    public function test_what_was_read_is_what_is_signed(): void
    {
        $draft = $this->world->draft();
        $this->sign($draft, ['document_hash' => str_repeat('0', 64)])->assertConflict()->assertJsonPath('type', 'tekkal:draft-changed');
        $this->sign($draft, ['document_hash' => 'short'])->assertStatus(422)->assertJsonPath('field', 'document_hash');
    }

    public function test_a_revision_sent_back_changed_and_handed_in_again_is_not_signed_as_the_one_that_was_read(): void
    {
        $read = $this->world->draft();
        $this->back($read)->assertNoContent();
        $path = 'library/drafts/'.$this->world->procedure->id;
        $document = World::document();
        $document['stages'][1]['targets'][0]['target'] = '49°';
        $this->world->desk('lead', 'POST', $path, ['document' => $document, 'answers' => [], 'version' => 1])->assertOk();
        $again = (string) $this->world->desk('lead', 'POST', "$path/submit", ['version' => 2])->assertCreated()->json('id');

        $this->sign($read)->assertStatus(422)->assertJsonPath('detail', 'Revision B is sent back; only one in review is signed.');
        $this->world->desk('approver', 'POST', "library/revisions/$again/approve", ['password' => 'fenmoor', 'document_hash' => $read->document_hash])->assertConflict();
        $this->world->desk('approver', 'GET', "library/revisions/$again")->assertJsonPath('letter', 'B')->assertJsonPath('state', 'in_review');
    }

    public function test_sent_back_it_is_a_draft_again_with_the_reason_and_its_author_is_told(): void
    {
        $this->back($this->world->draft())->assertNoContent();

        $this->world->desk('lead', 'GET', 'library/drafts/'.$this->world->procedure->id)->assertOk()->assertJsonPath('letter', 'B')->assertJsonPath('sent_back', 'Which page says so?');
        $notice = $this->world->desk('lead', 'GET', 'notices')->assertOk()->assertJsonPath('notices.0.title', 'Tarn TN3, main caps, stock bolts: revision B was sent back');
        $this->world->desk('lead', 'POST', 'notices/'.$notice->json('notices.0.id').'/acknowledge')->assertNoContent();
        $this->world->desk('lead', 'GET', 'notices')->assertJsonPath('notices', []);
    }

    public function test_sending_back_takes_a_reason(): void
    {
        $draft = $this->world->draft();
        $this->world->desk('approver', 'POST', "library/revisions/$draft->id/return", ['reason' => ''])->assertStatus(422)->assertJsonPath('field', 'reason');
    }

    public function test_a_doubt_without_an_answer_is_not_signed_over(): void
    {
        $document = World::document();
        // 320 N·m on an M10: a slip of the decimal point.
        $document['stages'][0]['targets'][0]['target'] = '320 N·m';
        $document['stages'][0]['targets'][0]['low'] = '300 N·m';
        $document['stages'][0]['targets'][0]['high'] = '340 N·m';
        $draft = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        $sheet = $this->world->desk('approver', 'GET', "library/revisions/$draft->id")->assertOk();
        self::assertNotSame([], $sheet->json('challenges'));
        self::assertStringStartsWith('A doubt has no answer: ', (string) $sheet->json('why_not.0'));
        $this->sign($draft)->assertStatus(422)->assertJsonPath('field', 'revision');

        $this->back($draft);
        $answers = array_fill_keys(array_column((array) $sheet->json('challenges'), 'key'), 'A test of answers.');
        $again = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'), $answers);
        $this->sign($again)->assertNoContent();
    }

    public function test_a_window_rests_on_a_standard_that_is_signed_and_says_the_same(): void
    {
        $document = World::document();
        $document['window_standards'] = [...$document['window_standards'], ['key' => 'w', 'quantity' => 'torque', 'tolerance' => '4 %', 'source' => $document['sources'][0]['key'], 'record' => 'FW-09-T']];
        $document['stages'][0]['targets'] = array_map(fn (array $t): array => array_diff_key($t, array_flip(['low', 'high', 'tolerance', 'window_source'])) + ['window_standard' => 'w'], $document['stages'][0]['targets']);
        $draft = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        $this->assertWhyNot($draft, 'The window standard FW-09-T is not in the register.');

        $this->world->desk('lead', 'POST', 'library/sources', ['code' => 'FW-09', 'kind' => 'window_standard', 'title' => 'Windows', 'edition' => '1', 'date' => '2026-01'])->assertCreated();
        $id = (string) $this->world->desk('lead', 'POST', 'library/standards', ['code' => 'FW-09-T', 'quantity' => 'torque', 'tolerance' => '5 %', 'source' => 'FW-09'])->assertCreated()->json('id');
        $this->assertWhyNot($draft, 'The window standard FW-09-T is not approved.');

        $this->world->desk('approver', 'POST', "library/standards/$id/approve", ['password' => 'fenmoor'])->assertNoContent();
        $this->assertWhyNot($draft, 'The window standard FW-09-T says 5 % of torque; the document says 4 % of torque.');
    }

    public function test_nobody_signs_the_standard_that_they_asked_for(): void
    {
        $this->world->desk('lead', 'POST', 'library/sources', ['code' => 'FW-09', 'kind' => 'window_standard', 'title' => 'Windows', 'edition' => '1', 'date' => '2026-01'])->assertCreated();
        $id = app(SetStandard::class)->ask(['code' => 'FW-09-T', 'quantity' => 'torque', 'tool' => '', 'risk_class' => '', 'tolerance' => '5 %', 'source' => 'FW-09'], $this->world->person('lead'));
        $this->leadWhoMaySign("library/standards/$id/approve", ['password' => 'fenmoor'])->assertForbidden();
        $this->world->desk('lead', 'POST', 'library/standards', ['code' => 'FW-10-T', 'quantity' => 'torque', 'tolerance' => 'much', 'source' => 'FW-09'])->assertStatus(422)->assertJsonPath('field', 'tolerance');
    }

    public function test_an_undecided_conflict_blocks_the_signature_and_stands_in_the_register(): void
    {
        $document = World::document();
        $document['sources'][] = ['key' => 'letter', 'kind' => 'engine_maker', 'title' => 'A later letter', 'edition' => '1', 'date' => '2025-05', 'page' => '1'];
        $document['conflicts'] = [['key' => 'angle', 'about' => 'angle of the inner bolts', 'stage' => $document['stages'][1]['key'], 'sides' => [['source' => $document['sources'][0]['key'], 'says' => '47°'], ['source' => 'letter', 'says' => '45°']]]];
        $draft = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));

        self::assertStringContainsString('Angle of the inner bolts', implode("\n", (array) $this->world->desk('approver', 'GET', "library/revisions/$draft->id")->json('why_not')));
        $this->world->desk('lead', 'GET', 'library/conflicts')->assertOk()->assertJsonPath('conflicts.0.about', 'angle of the inner bolts')->assertJsonPath('conflicts.0.decided', null)->assertJsonPath('conflicts.0.governs', 'letter');
    }

    public function test_what_is_withdrawn_is_in_force_no_longer(): void
    {
        $path = 'library/revisions/'.$this->world->revision->id.'/withdraw';
        $this->world->desk('approver', 'POST', $path, ['reason' => 'The bolts are recalled.', 'password' => 'wrong'])->assertStatus(422)->assertJsonPath('field', 'password');
        $this->world->desk('lead', 'POST', $path, ['reason' => 'The bolts are recalled.', 'password' => 'fenmoor'])->assertForbidden();
        $this->world->desk('approver', 'POST', $path, ['reason' => 'The bolts are recalled.', 'password' => 'fenmoor'])->assertNoContent();

        $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id)->assertJsonPath('state', 'withdrawn')->assertJsonPath('remark', 'The bolts are recalled.');
        $this->expectExceptionMessage('Main caps has no approved procedure. Have one approved first.');
        $this->world->job($this->world->build());
    }

    /**
     * The lead, who has been made an approver as well.
     *
     * @param  array<string, string>  $body
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function leadWhoMaySign(string $path, array $body): \Illuminate\Testing\TestResponse
    {
        $lead = Person::query()->findOrFail($this->world->person('lead')->id);
        app(GiveRole::class)($lead, Role::Approver);

        return $this->actingAs($lead)->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])->json('POST', '/api/'.$path, $body);
    }

    private function assertWhyNot(StoredRevision $draft, string $why): void
    {
        self::assertContains($why, (array) $this->world->desk('approver', 'GET', "library/revisions/$draft->id")->json('why_not'));
        $this->sign($draft)->assertStatus(422);
    }

    /**
     * @param  array<string, string>  $change
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function sign(StoredRevision $draft, array $change = []): \Illuminate\Testing\TestResponse
    {
        return $this->world->desk('approver', 'POST', "library/revisions/$draft->id/approve", $change + ['password' => 'fenmoor', 'document_hash' => $draft->document_hash]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function back(StoredRevision $draft): \Illuminate\Testing\TestResponse
    {
        return $this->world->desk('approver', 'POST', "library/revisions/$draft->id/return", ['reason' => 'Which page says so?']);
    }
}
