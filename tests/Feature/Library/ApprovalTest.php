<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Builds\Models\Assignment;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\RevisionStatus;
use App\Library\Queries\Procedures;
use App\Library\RevisionState;
use App\People\Actions\GiveRole;
use App\People\Role;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class ApprovalTest extends FeatureTestCase
{
    public function test_nobody_approves_what_they_wrote(): void
    {
        $lead = $this->world->person('lead');
        app(GiveRole::class)($lead, Role::Approver);

        $this->expectExceptionMessage('Nobody approves what they wrote.');
        app(ApproveRevision::class)($this->world->draft(), $lead->fresh() ?? $lead);
    }

    public function test_only_an_approver_signs(): void
    {
        $this->expectExceptionMessage('Only an approver signs procedures.');
        app(ApproveRevision::class)($this->world->draft(), $this->world->person('crib'));
    }

    public function test_a_revision_is_signed_once(): void
    {
        $this->expectExceptionMessage('Revision A is approved; only one in review is signed.');
        app(ApproveRevision::class)($this->world->revision, $this->world->person('approver'));
    }

    public function test_a_document_with_problems_is_refused_with_all_of_them(): void
    {
        $document = World::document();
        $document['risk_class'] = 'Z';
        $document['stages'][0]['targets'][0]['target'] = '32';
        try {
            app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
            self::fail('The document was accepted.');
        } catch (Refused $e) {
            self::assertSame(['/risk_class', '/stages/0/targets/0/target'], array_column((array) $e->facts['problems'], 'pointer'));
        }
    }

    public function test_approval_supersedes_the_revision_in_force_from_that_moment(): void
    {
        $before = CarbonImmutable::now();
        $this->travel(1)->days();
        $second = $this->world->draft();
        app(ApproveRevision::class)($second, $this->world->person('approver'));

        self::assertSame(RevisionState::Superseded, RevisionStatus::query()->findOrFail($this->world->revision->id)->state);
        self::assertSame($this->world->revision->id, Procedures::inForce($this->world->joint->id, $before)?->revision);
        self::assertSame($second->id, Procedures::inForce($this->world->joint->id, CarbonImmutable::now())?->revision);
    }

    public function test_a_value_missing_may_be_drafted_and_is_not_signed(): void
    {
        $document = World::document();
        $document['stages'][1]['targets'][0] = ['group' => 'inner', 'target' => ['missing' => 'the page is torn']];

        $this->assertNotSigned($document, 'Round 2, target for inner: the value is missing (the page is torn)');
    }

    public function test_whatever_the_language_can_say_is_signed_and_given_out(): void
    {
        $document = World::document();
        $document['fasteners'][0] = ['reuse' => 'never'] + array_diff_key($document['fasteners'][0], ['cycles' => true]);
        $second = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        app(ApproveRevision::class)($second, $this->world->person('approver'));

        self::assertSame(RevisionState::Approved, RevisionStatus::query()->findOrFail($second->id)->state);
        self::assertSame($second->id, Assignment::query()->findOrFail($this->world->job($this->world->build()))->revision);
    }

    /** @param  array<mixed>  $document */
    private function assertNotSigned(array $document, string $why): void
    {
        $draft = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        try {
            app(ApproveRevision::class)($draft, $this->world->person('approver'));
            self::fail('It was signed.');
        } catch (Refused $e) {
            self::assertStringContainsString($why, $e->getMessage());
            self::assertSame(RevisionState::InReview, RevisionStatus::query()->findOrFail($draft->id)->state);
        }
    }

    public function test_a_procedure_page_shows_line_signature_and_the_document_as_written(): void
    {
        $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id)->assertOk()
            ->assertJsonPath('line', "32\u{A0}N·m · +47° inner / +38° end")->assertJsonPath('signature', 'Tobin Harrowmere')
            ->assertJsonPath('figures.most', 16)->assertJsonPath('document.stages.1.threshold', '32 N·m')->assertJsonPath('rungs.1.how', "Counted from 32\u{A0}N·m. In one free motion.");
        $this->world->desk('lead', 'GET', 'library/revisions/nothing')->assertNotFound()->assertJsonPath('type', 'tekkal:not-found');
    }

    public function test_a_procedure_is_found_by_thread_and_head_marking(): void
    {
        $this->world->desk('lead', 'GET', 'find?q=FW%2010.9')->assertJsonPath('found.0.kind', 'procedure');
        $this->world->desk('lead', 'GET', 'find?q=%40TTW-0')->assertJsonPath('found.0.title', 'TW-04');
        $this->world->desk('lead', 'GET', 'find?q=x')->assertStatus(422)->assertJsonPath('field', 'q');
    }
}
