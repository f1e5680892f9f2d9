<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Models\RevisionStatus;
use App\Library\Models\WorkingDraft;
use App\Library\RevisionState;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class DraftTest extends FeatureTestCase
{
    public function test_a_draft_begins_as_the_last_revision_and_saves_itself_version_by_version(): void
    {
        $this->world->desk('lead', 'POST', $this->path('/begin'))->assertCreated()->assertJsonPath('version', 1);
        $document = World::document();
        $document['cautions'][] = 'Ends in a blank ';
        $this->save($document, 1)->assertOk()->assertJsonPath('version', 2);

        $this->world->desk('lead', 'GET', $this->path())->assertOk()
            ->assertJsonPath('letter', 'B')->assertJsonPath('version', 2)->assertJsonPath('document', $document)
            ->assertJsonPath('based_on', $this->world->revision->id)->assertJsonPath('saved_by', 'Ansa Kettleby');
    }

    public function test_beginning_again_finds_the_draft_that_is_there(): void
    {
        $this->begun();
        $this->save(World::document(), 1, ['k' => 'because']);
        $this->world->desk('lead', 'POST', $this->path('/begin'))->assertCreated()->assertJsonPath('version', 2);
    }

    public function test_a_draft_saved_elsewhere_meanwhile_is_not_overwritten(): void
    {
        $this->begun();
        $theirs = ['cautions' => ['Hot parts.']] + World::document();
        $this->save($theirs, 1)->assertOk();
        $this->save(['cautions' => ['Mine.']] + World::document(), 1)->assertConflict()
            ->assertJsonPath('type', 'tekkal:draft-changed')->assertJsonPath('detail', 'Ansa Kettleby saved this draft meanwhile. Nothing was overwritten: choose which to go on with.');

        self::assertSame(['Hot parts.'], WorkingDraft::query()->findOrFail($this->world->procedure->id)->document()['cautions']);
    }

    public function test_a_save_whose_answer_was_lost_is_answered_again_and_counted_once(): void
    {
        $this->begun();
        $mine = ['cautions' => ['Hot parts.']] + World::document();
        $this->save($mine, 1, ['k' => 'because'])->assertOk()->assertJsonPath('version', 2);
        $this->save($mine, 1, ['k' => 'because'])->assertOk()->assertJsonPath('version', 2);
        $this->save($mine, 1, ['k' => 'another reason'])->assertConflict();
        WorkingDraft::query()->whereKey($this->world->procedure->id)->update(['saved_by' => $this->world->person('approver')->id]);
        $this->save($mine, 1, ['k' => 'because'])->assertConflict();
    }

    public function test_a_draft_of_more_than_two_megabytes_is_refused_and_the_one_before_stays(): void
    {
        $this->begun();
        $this->save(['why' => str_repeat('x', 2_000_001)] + World::document(), 1)->assertStatus(413)->assertJsonPath('limit', 2_000_000)->assertJsonPath('unit', 'bytes');
        $this->world->desk('lead', 'GET', $this->path())->assertJsonPath('version', 1);
    }

    public function test_a_draft_that_was_thrown_away_says_so(): void
    {
        $this->begun();
        $this->world->desk('lead', 'POST', $this->path('/discard'))->assertNoContent();
        $this->world->desk('lead', 'GET', $this->path())->assertNotFound()->assertJsonPath('detail', 'This procedure has no draft. Begin one first.');
        $this->save(World::document(), 1)->assertNotFound()->assertJsonPath('detail', 'This procedure has no draft any more. What you typed is still on your screen.');
    }

    public function test_what_is_handed_in_is_what_its_author_has_seen(): void
    {
        $this->begun();
        $this->save(World::document(), 1);
        $this->world->desk('lead', 'POST', $this->path('/submit'), ['version' => 1])->assertConflict()->assertJsonPath('type', 'tekkal:draft-changed');
        $id = (string) $this->world->desk('lead', 'POST', $this->path('/submit'), ['version' => 2])->assertCreated()->json('id');

        self::assertSame(RevisionState::InReview, RevisionStatus::query()->findOrFail($id)->state);
        self::assertFalse(WorkingDraft::query()->whereKey($this->world->procedure->id)->exists());
    }

    public function test_a_second_revision_waits_until_the_first_is_decided(): void
    {
        $this->world->draft();
        $this->begun();
        $this->world->desk('lead', 'POST', $this->path('/submit'), ['version' => 1])->assertConflict()->assertJsonPath('detail', 'A revision of this procedure is in review already. Have it signed or sent back first.');
    }

    public function test_a_document_for_another_family_is_refused_by_name(): void
    {
        $this->begun();
        $this->save(['family' => 'Osier OS6'] + World::document(), 1);
        $this->world->desk('lead', 'POST', $this->path('/submit'), ['version' => 2])->assertStatus(422)
            ->assertJsonPath('field', 'family')->assertJsonPath('detail', 'The document is for family "Osier OS6"; this procedure is for "Tarn TN3".');
    }

    public function test_the_core_looks_at_a_document_with_gaps_and_says_what_can_be_said(): void
    {
        $document = World::document();
        unset($document['stages'][0]['why']);
        $this->world->desk('lead', 'POST', 'library/look', ['document' => $document, 'against' => $this->world->revision->id])->assertOk()
            ->assertJsonPath('problems.0.pointer', '/stages/0/why')->assertJsonPath('line', "32\u{A0}N·m · +47° inner / +38° end")->assertJsonPath('figures.most', 16);
    }

    public function test_the_core_says_what_differs_from_the_revision_in_force(): void
    {
        $document = World::document();
        $document['stages'][1]['targets'][0]['target'] = '49°';
        $changes = (array) $this->world->desk('lead', 'POST', 'library/look', ['document' => $document, 'against' => $this->world->revision->id])->assertOk()->json('changes');

        self::assertStringContainsString('+47° → +49°', implode("\n", array_column($changes, 'sentence')));
    }

    public function test_a_document_that_says_nothing_is_looked_at_too(): void
    {
        $this->world->desk('lead', 'POST', 'library/look', ['document' => ['format' => 'tekkal.procedure/1'], 'against' => null])->assertOk()->assertJsonPath('sheet', null)->assertJsonPath('bands', []);
    }

    public function test_a_typed_line_becomes_stages(): void
    {
        $read = $this->world->desk('lead', 'POST', 'library/line', ['line' => '15 lbf·ft · +80° inner / +53° outer · check end play', 'groups' => ['i' => 'inner', 'o' => 'outer']])->assertOk();
        self::assertSame(['torque', 'turn', 'check'], array_column((array) $read->json('stages'), 'kind'));
        $this->world->desk('lead', 'POST', 'library/line', ['line' => '15 furlongs', 'groups' => ['i' => 'inner']])->assertStatus(422)->assertJsonPath('field', 'line');
    }

    public function test_a_map_is_laid_out_and_an_order_is_judged(): void
    {
        $this->world->desk('lead', 'POST', 'library/map/layout', ['pattern' => 'pairs', 'count' => 2, 'pitch' => '80', 'apart' => '90.5', 'x' => '60', 'y' => '35'])->assertOk()
            ->assertJsonPath('points.3', ['x' => '140', 'y' => '125.5']);
        $this->world->desk('lead', 'POST', 'library/map/layout', ['pattern' => 'rows', 'count' => 201, 'x' => '0', 'y' => '0'])->assertStatus(422)->assertJsonPath('detail', 'At most 200 positions are laid out at once.');
        $row = array_map(fn (int $i): array => ['key' => (string) $i, 'x' => (string) (40 * $i), 'y' => '0'], range(1, 4));
        $this->world->desk('lead', 'POST', 'library/map/order', ['positions' => $row, 'order' => ['2', '4', '1']])->assertOk()->assertJsonPath('missing', ['3']);
        $this->world->desk('lead', 'POST', 'library/map/order', ['positions' => $row, 'order' => [], 'pattern' => 'linear'])->assertOk()->assertJsonPath('order', ['1', '2', '3', '4']);
    }

    public function test_a_map_goes_out_as_a_table_and_comes_back_the_same(): void
    {
        $csv = (string) $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id.'/map.csv')->assertOk()->getContent();
        $map = World::document()['map'];
        $this->world->desk('lead', 'POST', 'library/map/csv', ['csv' => $csv, 'groups' => ['inner', 'end'], 'parts' => array_column($map['parts'], 'key')])->assertOk()->assertJsonPath('positions', $map['positions']);
        $this->world->desk('lead', 'POST', 'library/map/csv', ['csv' => "number,x\n1,5", 'groups' => ['inner'], 'parts' => ['cap1']])->assertStatus(422)->assertJsonPath('field', 'csv');
    }

    private function begun(): void
    {
        $this->world->desk('lead', 'POST', $this->path('/begin'))->assertCreated();
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, string>  $answers
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(array $document, int $version, array $answers = []): \Illuminate\Testing\TestResponse
    {
        return $this->world->desk('lead', 'POST', $this->path(), ['document' => $document, 'answers' => $answers, 'version' => $version]);
    }

    private function path(string $more = ''): string
    {
        return 'library/drafts/'.$this->world->procedure->id.$more;
    }
}
