<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Builds\Print\BuildLabels;
use App\Library\Actions\AddFamily;
use App\Library\Models\Family;
use App\Record\Models\Subject;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** Engines come in, one by a form or many out of a table; what is known of each stands beside it, and it is found by every number that it bore. */
final class ComesInTest extends FeatureTestCase
{
    public function test_what_is_known_of_an_engine_is_kept_with_it_and_said_anew(): void
    {
        $id = (string) $this->opened([
            'order_number' => 'FE-2286', 'core' => 'complete, cracked sump', 'received_on' => '2026-06-12', 'due_on' => '2026-06-30', 'waits' => true,
            'machining' => [['what' => 'thread_repaired', 'joint' => $this->world->joint->id, 'at' => 'bolt 5, insert'], ['what' => 'sleeved']],
        ])->assertCreated()->json('id');
        $this->page($id)->assertJsonPath('state', 'received')->assertJsonPath('as', 'come_in')->assertJsonPath('facts.core', 'complete, cracked sump')->assertJsonPath('facts.due_on', '2026-06-30')
            ->assertJsonPath('facts.machining.0', ['what' => 'thread_repaired', 'joint' => $this->world->joint->id, 'at' => 'bolt 5, insert', 'words' => 'thread repaired'])->assertJsonPath('facts.machining.1.joint', null);

        $this->world->desk('lead', 'POST', "builds/$id/facts", ['waits_for' => 'the crankshaft', 'due_on' => '2026-06-01'])->assertNoContent();
        $this->page($id)->assertJsonPath('facts.waits_for', 'the crankshaft')->assertJsonPath('facts.order_number', '')->assertJsonPath('late', true);
        self::assertStringContainsString('TN3-26-0001 is late: it was due on 1 June', json_encode($this->world->desk('lead', 'GET', 'today')->json('needs'), JSON_THROW_ON_ERROR));
        $this->world->desk('lead', 'POST', "builds/$id/facts", ['note' => 'The customer pays late.'])->assertNoContent();
        $this->page($id)->assertJsonPath('facts.note', 'The customer pays late.');
        $this->world->desk('reader', 'GET', "builds/$id")->assertOk()->assertJsonPath('facts.note', '');
        $this->world->desk('lead', 'POST', "builds/$id/start")->assertNoContent();
        $this->page($id)->assertJsonPath('state', 'open')->assertJsonPath('facts.waits_for', '')->assertJsonPath('as', 'free_to_give');
    }

    public function test_what_was_machined_at_a_joint_is_laid_out_before_it_is_begun(): void
    {
        $id = (string) $this->opened(['machining' => [['what' => 'thread_repaired', 'joint' => $this->world->joint->id, 'at' => 'bolt 5, insert'], ['what' => 'sleeved']]])->json('id');
        $bench = $this->world->bench()->begin($this->world->job($id));

        self::assertSame(['title' => 'This engine', 'lines' => [['says' => 'Thread repaired: bolt 5, insert', 'lacks' => false], ['says' => 'Sleeved', 'lacks' => false]]], $bench->get('runs/'.$bench->run)['kit'][0]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> facts, field, what the sentence says */
    public static function badFacts(): iterable
    {
        yield 'a day that is none' => [['due_on' => '2026-02-30'], 'due_on', 'no day'];
        yield 'due before it came' => [['received_on' => '2026-06-12', 'due_on' => '2026-06-01'], 'due_on', 'It would be due on 2026-06-01, before it came in on 2026-06-12.'];
        yield 'a variant that is none' => [['variant' => 'long block'], 'variant', 'Tarn TN3 has no variant "long block".'];
        yield 'machining that is none' => [['machining' => [['what' => 'polished']]], 'machining.0.what', 'Choose what was done'];
        yield 'machining at a joint that is none' => [['machining' => [['what' => 'decked', 'joint' => 'none']]], 'machining.0.joint', 'has no such joint'];
        yield 'too long a note' => [['note' => str_repeat('n', 401)], 'note', 'at most 400'];
        yield 'an endless list' => [['machining' => array_fill(0, 41, ['what' => 'bored'])], 'machining', 'at most 40 items'];
    }

    /** @param  array<string, mixed>  $facts */
    #[DataProvider('badFacts')]
    public function test_what_cannot_be_is_refused_in_the_name_of_its_field_and_nothing_comes_in(array $facts, string $field, string $says): void
    {
        $detail = $this->opened($facts)->assertStatus(422)->assertJsonPath('field', $field)->json('detail');

        self::assertStringContainsString($says, $detail);
        self::assertSame(0, Subject::query()->count());
        $build = $this->world->build();
        $this->world->desk('lead', 'POST', "builds/$build/facts", $facts)->assertStatus(422)->assertJsonPath('field', $field);
    }

    public function test_on_an_engine_that_stands_on_no_stand_nothing_is_given_out(): void
    {
        $id = (string) $this->opened(['waits' => true])->json('id');
        $this->world->desk('lead', 'POST', "builds/$id/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id])->assertStatus(409)
            ->assertJsonPath('detail', 'TN3-26-0001 has come in and stands on no stand yet. Put it on a stand first.');
        $this->opened([])->assertStatus(409)->assertJsonPath('type', 'tekkal:build-open');
        $this->world->desk('lead', 'POST', "builds/$id/start")->assertNoContent();
        $this->world->desk('lead', 'POST', "builds/$id/start")->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0001 is on a stand; only one that has come in and waits is put on a stand.');
    }

    public function test_an_engine_that_was_stamped_anew_is_found_by_both_numbers_and_goes_on_counting_its_builds(): void
    {
        $id = $this->world->build();
        $restamp = fn (string $serial, string $build): TestResponse => $this->world->desk('lead', 'POST', "builds/$build/restamp", ['serial' => $serial, 'why' => 'the old plate was worn']);
        $restamp('tn3-26-0900', $id)->assertNoContent();
        $this->page($id)->assertJsonPath('serial', 'TN3-26-0900')->assertJsonPath('old_serials', [['serial' => 'TN3-26-0001', 'why' => 'the old plate was worn']]);
        foreach (['TN3-26-0001', 'TN3-26-0900'] as $serial) {
            self::assertSame("/audit/$id", $this->world->desk('lead', 'GET', 'find?q='.$serial)->json('found.0.link'), $serial);
        }

        $this->opened([])->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0900 is already open. Finish that build before the next one.');
        DB::table('subjects')->where('id', $id)->update(['state' => 'shipped']);
        $this->opened([])->assertStatus(409)->assertJsonPath('type', 'tekkal:earlier-build')->assertJsonPath('detail', 'TN3-26-0001 was here before as TN3-26-0900: build 1, shipped. Is this its build 2?');
        $restamp('TN3-26-0901', $id)->assertStatus(409)->assertJsonPath('detail', 'TN3-26-0900 was shipped; what is known of it stands as it left.');
    }

    public function test_a_number_of_another_engine_is_not_stamped_on_this_one(): void
    {
        $id = $this->world->build();
        $this->world->build('TN3-26-0002');
        $restamp = fn (string $serial): TestResponse => $this->world->desk('lead', 'POST', "builds/$id/restamp", ['serial' => $serial]);

        $restamp('TN3-26-0002')->assertStatus(422)->assertJsonPath('detail', 'TN3-26-0002 is another engine’s number: TN3-26-0002, on a stand.');
        $restamp('TN3-26-0001')->assertStatus(422)->assertJsonPath('detail', 'TN3-26-0001 is the number that it bears already.');
        $restamp('7')->assertStatus(422)->assertJsonPath('field', 'serial');
    }

    public function test_an_engine_that_bears_a_number_that_was_here_before_is_asked_about(): void
    {
        $first = $this->world->build('TN3-26-0002');
        DB::table('subjects')->where('id', $first)->update(['state' => 'shipped']);
        $this->opened(['old_serials' => ['tn3-26-0002']])->assertStatus(409)->assertJsonPath('next_build', 2);
        $id = (string) $this->opened(['old_serials' => ['tn3-26-0002'], 'build' => 2])->assertCreated()->json('id');

        $this->page($id)->assertJsonPath('title', 'TN3-26-0001, build 2')->assertJsonPath('other_builds.0.id', $first);
    }

    public function test_what_was_entered_by_mistake_is_taken_off_and_its_number_is_free_as_long_as_nothing_was_given_out(): void
    {
        $id = $this->world->build();
        $callOff = fn (string $build, string $why = 'typed twice'): TestResponse => $this->world->desk('lead', 'POST', "builds/$build/call-off", ['reason' => $why]);
        $callOff($id, '')->assertStatus(422)->assertJsonPath('field', 'reason');
        $callOff($id)->assertNoContent();
        $this->page($id)->assertNotFound();
        $again = (string) $this->opened([])->assertCreated()->json('id');
        self::assertSame('TN3-26-0001', Subject::query()->findOrFail($again)->title(), 'it is build 1 again');

        $this->world->job($again);
        $paper = $this->world->build('TN3-26-0002');
        $this->world->deskFile('lead', "builds/$paper/joints/{$this->world->joint->id}/paper", ['worked_by' => 'N. Harrow', 'worked_on' => '2026-06-02'], UploadedFile::fake()->image('card.png', 8, 8))->assertNoContent();
        $callOff($paper)->assertStatus(409);
        $callOff($again)->assertStatus(409)->assertJsonPath('detail', 'Work on TN3-26-0001 was given out, entered from paper, or fitted. What has been recorded of an engine stays.');
        $this->artisan('tekkal:verify')->assertSuccessful();
        $this->artisan('tekkal:rebuild')->assertSuccessful();
        self::assertSame(2, Subject::query()->count());
    }

    public function test_the_rules_of_a_family_say_which_serials_are_its_own(): void
    {
        $family = Family::query()->where('code', 'TN3')->firstOrFail();
        $rules = fn (string $rules): TestResponse => $this->world->desk('lead', 'POST', "library/families/$family->id/serial-rules", ['serial_rules' => $rules]);
        $rules("TN3-##-####\nK##.####/@")->assertNoContent();
        $this->opened(['serial' => 'k04.2231/b'])->assertCreated();
        $this->opened(['serial' => 'K04-2231'])->assertStatus(422)->assertJsonPath('field', 'serial');
        $rules('TN3-[0-9]+')->assertStatus(422)->assertJsonPath('field', 'serial_rules');

        app(AddFamily::class)('KX2', 'Kestrel KX2', 'test', ['Head'], [], $this->world->person('lead'));
        $this->world->desk('lead', 'POST', 'library/families/'.Family::query()->where('code', 'KX2')->firstOrFail()->id.'/serial-rules', ['serial_rules' => 'K##.####/@'])->assertNoContent();
        $this->opened(['serial' => 'K04.2299/C'])->assertStatus(422)->assertJsonPath('field', 'family')->assertJsonPath('detail', 'K04.2299/C may be KX2 or TN3 by their rules for serials. Say which.');
        $id = (string) $this->opened(['serial' => 'K04.2299/C', 'family' => 'KX2'])->assertCreated()->json('id');
        $this->page($id)->assertJsonPath('family', 'Kestrel KX2');
        $this->opened(['serial' => 'TN3-26-0001', 'family' => 'KX2'])->assertStatus(422)->assertJsonPath('detail', '"TN3-26-0001" is no serial of Kestrel KX2: one reads like K12.3456/G.');
    }

    public function test_many_come_in_out_of_a_table_looked_at_row_by_row(): void
    {
        $read = $this->read("serial\tcustomer\torder number\tdue on\nTN3-26-0001\tSkerry Dredging\tFE-1\t2026-07-01\ntn3-26-0002\t\t\t", 'Lantern Bay Ferries')->assertOk();
        $read->assertJsonPath('rows.0.problem', null)->assertJsonPath('rows.0.title', 'TN3-26-0001')->assertJsonPath('rows.1.fields.customer', 'Lantern Bay Ferries')->assertJsonPath('rows.1.family', 'Tarn TN3');
        $ids = $this->many(array_column((array) $read->json('rows'), 'fields'))->assertCreated()->json('ids');

        self::assertSame(['TN3-26-0001', 'TN3-26-0002'], array_map(fn (string $id): string => Subject::query()->findOrFail($id)->serial, $ids));
        self::assertSame(['received', '2026-07-01'], [Subject::query()->findOrFail($ids[0])->state->value, Subject::query()->findOrFail($ids[0])->due_on?->format('Y-m-d')]);
    }

    public function test_a_column_of_serials_is_table_enough(): void
    {
        $this->read("TN3-26-0001\nTN3-26-0002\n", 'Skerry Dredging')->assertOk()->assertJsonPath('rows.1.title', 'TN3-26-0002');
    }

    public function test_a_serial_twice_in_a_paste_an_unknown_family_and_all_else_is_said_in_its_row(): void
    {
        DB::table('subjects')->where('id', $this->world->build('TN3-26-0009'))->update(['state' => 'shipped']);
        $rows = (array) $this->read(implode("\n", [
            'serial,customer,build,due_on,other_numbers',
            'TN3-26-0001,Skerry Dredging,,,',
            'TN3-26-0001,Skerry Dredging,,,',
            'TN3-26-0003,Skerry Dredging,,,tn3-26-0001',
            'QX9-26-0001,Skerry Dredging,,,',
            'TN3-26-0009,Skerry Dredging,,,',
            'TN3-26-0009,Skerry Dredging,2,,',
            'TN3-26-0004,Nobody,,,',
            'TN3-26-0005,Skerry Dredging,,1.7.2026,',
            'TN3-26-0006,Skerry Dredging,two,,',
            'TN3-26-0007,Skerry Dredging,,,,more',
            'TN3-26-0008,,,,',
        ]), '')->assertOk()->json('rows');

        self::assertSame([
            null, 'TN3-26-0001 stands in row 1 already.', 'TN3-26-0001 stands in row 1 already.', 'The library has no engine family QX9.', 'TN3-26-0009 was here before: build 1, shipped. Is this its build 2? Then write build 2 in the row.',
            'TN3-26-0009 stands in row 5 already.', 'There is no customer "Nobody".', '"1.7.2026" is no day. Write it as 2026-11-30.', '"two" is no build number: 1, 2, 3 …',
            'The row has 6 cells and the head 5; a cell with a comma stands in quotation marks.', 'Say whose engine it is, in the row or for all of them.',
        ], array_column($rows, 'problem'));
    }

    public function test_of_many_none_comes_in_when_one_cannot(): void
    {
        $this->world->build('TN3-26-0002');
        $this->many([['serial' => 'TN3-26-0001', 'customer' => 'Skerry Dredging'], ['serial' => 'TN3-26-0002', 'customer' => 'Skerry Dredging']])->assertStatus(409);
        $this->many([['serial' => 'TN3-26-0001', 'customer' => 'Skerry Dredging'], ['serial' => 'tn3-26-0001', 'customer' => 'Skerry Dredging']])->assertStatus(409);

        self::assertSame(1, Subject::query()->count());
    }

    public function test_a_table_that_is_none_is_refused_with_what_is_wanted(): void
    {
        $says = fn (string $text): string => (string) $this->read($text, '')->assertStatus(422)->assertJsonPath('field', 'text')->json('detail');

        self::assertStringContainsString('"colour" is no column of a table of engines', $says("serial,colour\nTN3-26-0001,blue"));
        self::assertSame('There is no serial in it.', $says('serial,customer'));
        self::assertStringContainsString('UTF-8', $says("serial\u{FFFD}\n1"));
        self::assertSame('These are 201 engines; at most 200 come in at once.', $says(implode("\n", array_map(fn (int $i): string => sprintf('TN3-26-%04d', $i), range(1, 201)))));
    }

    public function test_labels_carry_a_code_that_can_enter_as_no_reading(): void
    {
        $id = $this->world->build();
        self::assertStringStartsWith('%PDF-', (string) $this->world->desk('lead', 'GET', "builds/labels.pdf?builds=$id")->assertOk()->getContent());
        self::assertStringContainsString('Tarn TN3, build 1', BuildLabels::html([$id]));
        $this->world->desk('lead', 'GET', 'builds/labels.pdf?builds=')->assertStatus(422)->assertJsonPath('field', 'builds');
        $this->world->desk('lead', 'GET', 'builds/labels.pdf?builds=none')->assertNotFound();
    }

    public function test_a_picture_is_drawn_anew_shown_to_whoever_may_see_the_engine_and_taken_away(): void
    {
        $id = $this->world->build();
        $keep = fn (UploadedFile $file, string $shows = 'as it came in'): TestResponse => $this->world->deskFile('lead', "builds/$id/pictures", ['shows' => $shows], $file);
        $keep(UploadedFile::fake()->image('engine.jpg', 2400, 40))->assertNoContent();
        $keep(UploadedFile::fake()->createWithContent('engine.png', '%PDF-1.4 %%EOF'))->assertStatus(422)->assertJsonPath('field', 'file')->assertJsonPath('detail', '"engine.png" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.');
        $keep(UploadedFile::fake()->image('engine.jpg', 60, 40), '')->assertStatus(422)->assertJsonPath('field', 'shows');
        $picture = (string) $this->page($id)->assertJsonPath('pictures.0.shows', 'as it came in')->json('pictures.0.id');

        $shown = (string) $this->world->desk('reader', 'GET', "build-pictures/$picture")->assertOk()->getContent();
        self::assertStringStartsWith("\x89PNG", $shown);
        self::assertSame(1600, getimagesizefromstring($shown)[0] ?? null, 'no larger than a screen shows it');
        DB::table('subjects')->where('id', $id)->update(['customer' => $this->world->people->customer('Lantern Bay Ferries')]);
        $this->world->desk('reader', 'GET', "build-pictures/$picture")->assertNotFound();
        $this->world->desk('lead', 'POST', "build-pictures/$picture/remove")->assertNoContent();
        $this->page($id)->assertJsonPath('pictures', []);
    }

    /**
     * @param  array<string, mixed>  $facts
     * @return TestResponse<Response>
     */
    private function opened(array $facts): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'builds', $facts + ['serial' => 'TN3-26-0001', 'customer' => $this->world->people->customer('Skerry Dredging')]);
    }

    /** @return TestResponse<Response> */
    private function page(string $build): TestResponse
    {
        return $this->world->desk('lead', 'GET', "builds/$build");
    }

    /** @return TestResponse<Response> */
    private function read(string $text, string $customer): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'builds/read', ['text' => $text, 'customer' => $customer, 'waits' => true]);
    }

    /**
     * @param  array<array-key, mixed>  $engines
     * @return TestResponse<Response>
     */
    private function many(array $engines): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'builds/many', ['engines' => $engines]);
    }
}
