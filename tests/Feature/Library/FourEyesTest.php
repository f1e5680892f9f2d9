<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\People\Actions\AddPerson;
use App\People\Actions\GiveRole;
use App\People\Models\Person;
use App\People\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** Whoever saved any part of a draft does not sign what became of it. */
final class FourEyesTest extends FeatureTestCase
{
    private Person $both;

    protected function setUp(): void
    {
        parent::setUp();
        $this->both = app(AddPerson::class)(['name' => 'Orla Fennick', 'sign_in_name' => 'both'], [Role::Lead]);
        app(GiveRole::class)($this->both, Role::Approver);
        DB::table('credentials')->insert(['person' => $this->both->id, 'password_hash' => Hash::make('fenmoor')]);
    }

    public function test_who_wrote_a_part_and_let_a_colleague_hand_it_in_does_not_approve_it(): void
    {
        $revision = $this->handedIn();

        $this->signAs($this->both, $revision)->assertStatus(403)->assertJsonPath('detail', 'Nobody approves what they wrote a part of. Ask another approver to sign.');
        $this->signAs($this->world->person('approver'), $revision)->assertNoContent();
    }

    public function test_a_sheet_names_everybody_who_wrote_and_says_whether_one_is_among_them(): void
    {
        $revision = $this->handedIn();

        $this->asDesk($this->both)->getJson("/api/library/revisions/$revision")->assertOk()->assertJsonPath('mine', true)->assertJsonPath('author', 'Ansa Kettleby and Orla Fennick');
        $this->world->desk('approver', 'GET', "library/revisions/$revision")->assertJsonPath('mine', false);
    }

    public function test_what_was_sent_back_keeps_its_writers(): void
    {
        $revision = $this->handedIn();
        $this->world->desk('approver', 'POST', "library/revisions/$revision/return", ['reason' => 'Which page?'])->assertNoContent();
        $version = $this->world->desk('lead', 'GET', 'library/drafts/'.$this->world->procedure->id)->json('version');
        $again = (string) $this->world->desk('lead', 'POST', 'library/drafts/'.$this->world->procedure->id.'/submit', ['version' => $version])->assertCreated()->json('id');

        $this->signAs($this->both, $again)->assertStatus(403);
    }

    public function test_what_was_thrown_away_is_forgotten_with_its_writers(): void
    {
        $procedure = $this->world->procedure->id;
        $this->asDesk($this->both)->postJson("/api/library/drafts/$procedure/begin")->assertCreated();
        $this->world->desk('lead', 'POST', "library/drafts/$procedure/discard")->assertNoContent();
        $this->world->desk('lead', 'POST', "library/drafts/$procedure/begin")->assertCreated();
        $revision = (string) $this->world->desk('lead', 'POST', "library/drafts/$procedure/submit", ['version' => 1])->assertCreated()->json('id');

        $this->signAs($this->both, $revision)->assertNoContent();
    }

    /** The lead begins, the second one saves a part, the lead saves the last word and hands it in. */
    private function handedIn(): string
    {
        $procedure = $this->world->procedure->id;
        $this->world->desk('lead', 'POST', "library/drafts/$procedure/begin")->assertCreated();
        foreach ([[$this->both, 'Their part.'], [$this->world->person('lead'), 'The last word.']] as $i => [$who, $caution]) {
            $document = World::document();
            $document['cautions'][] = $caution;
            $this->asDesk($who)->postJson("/api/library/drafts/$procedure", ['document' => $document, 'answers' => (object) [], 'version' => $i + 1])->assertOk();
        }

        return (string) $this->world->desk('lead', 'POST', "library/drafts/$procedure/submit", ['version' => 3])->assertCreated()->json('id');
    }

    private function asDesk(Person $who): self
    {
        return $this->actingAs($who)->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()]);
    }

    /** @return TestResponse<Response> */
    private function signAs(Person $who, string $revision): TestResponse
    {
        $hash = DB::table('revisions')->where('id', $revision)->value('document_hash');

        return $this->asDesk($who)->postJson("/api/library/revisions/$revision/approve", ['password' => 'fenmoor', 'document_hash' => $hash]);
    }
}
