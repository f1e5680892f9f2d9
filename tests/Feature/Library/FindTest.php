<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class FindTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, int}> how many procedures of the one in the library are found */
    public static function asked(): iterable
    {
        yield 'its family' => ['tarn', 1];
        yield 'its joint' => ['Main caps', 1];
        yield 'its thread' => ['M10', 1];
        yield 'its head marking' => ['FW 10.9', 1];
        yield 'its hardware' => ['stock bolts', 1];
        yield 'its source' => ['workshop book', 1];
        yield 'words from several places' => ['tarn caps', 1];
        yield 'its kind of tool' => ['torque wrench', 1];
        yield 'the target as printed' => ['32 N·m', 1];
        // 32 N·m ÷ 1.3558179483 = 23.60 lbf·ft (exact factor of the foot and the pound-force).
        yield 'the target in another unit' => ['23.6 lbf·ft', 1];
        yield 'the target typed otherwise' => ['23.6 ft-lb', 1];
        yield 'an angle' => ['47°', 1];
        yield 'a value that nothing asks for' => ['49 lbf·ft', 0];
        yield 'a word that nothing has' => ['gearbox', 0];
        yield 'a word with its accents aside' => ['Tärn', 1];
        yield 'a sign of the search itself' => ['%', 0];
    }

    #[DataProvider('asked')]
    public function test_a_procedure_is_found_by(string $find, int $found): void
    {
        $this->world->desk('lead', 'GET', 'library?find='.rawurlencode($find))->assertOk()->assertJsonPath('total', $found);
    }

    public function test_what_is_found_by_a_word_goes_on_over_pages_each_sheet_once(): void
    {
        $face = (array) DB::table('procedure_faces')->first();
        DB::table('procedure_faces')->insert(array_map(fn (int $i): array => ['procedure' => sprintf('%08d%s', $i, substr((string) $face['procedure'], 8)), 'place' => sprintf('%s %03d', $face['place'], $i)] + $face, range(1, 130)));

        $seen = [];
        foreach ([1 => 60, 2 => 60, 3 => 11, 4 => 0] as $page => $rows) {
            $answer = $this->world->desk('lead', 'GET', "library?find=tarn&page=$page")->assertOk()->assertJsonPath('total', 131)->assertJsonPath('pages', 3)->assertJsonCount($rows, 'procedures');
            array_push($seen, ...array_column((array) $answer->json('procedures'), 'id'));
        }
        self::assertCount(131, array_unique($seen));
    }

    public function test_a_value_that_is_asked_for_is_said_as_it_was_understood(): void
    {
        $this->world->desk('lead', 'GET', 'library?find='.rawurlencode('49 ft-lb'))->assertJsonPath('asked', "49\u{A0}lbf·ft");
        $this->world->desk('lead', 'GET', 'library?find=tarn')->assertJsonPath('asked', null);
        $this->world->desk('lead', 'GET', 'library?find='.str_repeat('x', 81))->assertStatus(422)->assertJsonPath('field', 'find');
    }

    public function test_it_is_found_by_its_state_and_by_what_is_being_written_ahead_of_it(): void
    {
        foreach (['approved' => 1, 'in_review' => 0, 'draft' => 0, 'missing' => 0] as $state => $count) {
            $this->world->desk('lead', 'GET', "library?state=$state")->assertJsonPath('total', $count);
        }
        $this->world->draft();
        $this->world->desk('lead', 'GET', 'library?state=in_review')->assertJsonPath('total', 1)->assertJsonPath('procedures.0.ahead', 'in_review')->assertJsonPath('procedures.0.letter', 'A');
        $this->world->desk('lead', 'GET', 'library?state=whatever')->assertStatus(422)->assertJsonPath('field', 'state');
    }

    public function test_a_family_gets_joints_and_variants_and_its_code_stays_its_own(): void
    {
        $this->world->desk('lead', 'POST', 'library/families', ['code' => 'TN3', 'name' => 'Tarn TN3', 'joints' => ['Flywheel'], 'variants' => [['name' => 'long block', 'serials_from' => 'TN3-25-0001', 'serials_to' => null, 'years_from' => '2025', 'years_to' => null, 'note' => null]]])->assertCreated();
        $this->world->desk('lead', 'GET', 'library/families')->assertOk()
            ->assertJsonPath('families.0.joints.1.name', 'Flywheel')->assertJsonPath('families.0.variants.0.name', 'long block')->assertJsonPath('families.0.joints.0.options', ['stock bolts']);
        $this->world->desk('lead', 'POST', 'library/families', ['code' => 'TN3', 'name' => 'Another name'])->assertStatus(422)->assertJsonPath('detail', 'TN3 is the code of Tarn TN3 already.');
        $this->world->desk('lead', 'POST', 'library/families', ['code' => '', 'name' => 'x'])->assertStatus(422)->assertJsonPath('field', 'code');
    }

    public function test_a_copy_to_a_sister_begins_the_same_and_shows_from_then_on_what_differs(): void
    {
        $copy = (string) $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => 'stud kit', 'copy_of' => $this->world->procedure->id])->assertCreated()->json('id');
        $draft = $this->world->desk('lead', 'GET', "library/drafts/$copy")->assertOk()->assertJsonPath('document.option', 'stud kit')->assertJsonPath('document.stages.1.threshold', '32 N·m');
        $document = (array) $draft->json('document');
        $document['stages'][1]['targets'][1]['target'] = '40°';
        $this->world->desk('lead', 'POST', "library/drafts/$copy", ['document' => $document, 'answers' => [], 'version' => 1])->assertOk();
        $this->world->desk('lead', 'POST', "library/drafts/$copy/submit", ['version' => 2])->assertCreated();

        $sister = $this->world->desk('lead', 'GET', "library/procedures/$copy")->assertOk()->assertJsonPath('sister.title', 'Tarn TN3, main caps, stock bolts');
        self::assertStringContainsString('+38° → +40°', implode("\n", array_column((array) $sister->json('sister.changes'), 'sentence')));
        $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => 'stud kit'])->assertStatus(422)->assertJsonPath('field', 'option');
    }

    public function test_a_joint_with_two_hardware_options_is_given_with_the_one_that_is_fitted(): void
    {
        $copy = (string) $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => 'stud kit', 'copy_of' => $this->world->procedure->id])->json('id');
        $revision = (string) $this->world->desk('lead', 'POST', "library/drafts/$copy/submit", ['version' => 1])->json('id');
        $hash = (string) $this->world->desk('approver', 'GET', "library/revisions/$revision")->json('document_hash');
        $this->world->desk('approver', 'POST', "library/revisions/$revision/approve", ['password' => 'fenmoor', 'document_hash' => $hash])->assertNoContent();
        $build = $this->world->build();
        $give = fn (?string $procedure) => $this->world->desk('lead', 'POST', "builds/$build/assignments", ['id' => (string) \Illuminate\Support\Str::uuid7(), 'joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id, 'procedure' => $procedure]);

        $give(null)->assertStatus(422)->assertJsonPath('field', 'procedure')->assertJsonPath('detail', 'Main caps has 2 hardware options. Say which is fitted.');
        $give($copy)->assertSuccessful();
        $this->world->desk('lead', 'GET', "builds/$build")->assertJsonPath('joints.0.revision.id', $revision);
    }
}
