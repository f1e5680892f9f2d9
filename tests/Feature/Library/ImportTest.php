<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Ledger\Lease;
use App\Ledger\Recorder;
use App\Library\Actions\WriteImport;
use App\Library\Jobs\ImportLibrary;
use App\Library\Models\Import;
use App\Library\Models\Procedure;
use App\Library\Models\WorkingDraft;
use App\People\Models\Person;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class ImportTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        Queue::fake();
    }

    public function test_looking_says_what_is_new_changed_the_same_or_refused_and_writes_nothing(): void
    {
        $library = $this->library([
            World::document(),
            ['option' => 'stud kit'] + World::document(),
            ['family' => 'Nobody’s'] + World::document(),
            ['risk_class' => 'Z', 'option' => 'broken'] + World::document(),
        ]);
        $sheet = $this->look($library)->assertCreated();

        self::assertSame(['same', 'new', 'refused', 'refused'], array_column((array) $sheet->json('rows'), 'what'));
        self::assertStringContainsString('no family "Nobody’s"', (string) $sheet->json('rows.2.why'));
        self::assertStringContainsString('risk_class', (string) $sheet->json('rows.3.why'));
        self::assertSame(1, Procedure::query()->count());
        $this->look(['cautions' => ['Another.']] + World::document())->assertCreated()->assertJsonPath('rows.0.what', 'changed');
    }

    public function test_nothing_that_a_demo_wrote_gets_into_a_shop(): void
    {
        config(['shop.demo' => true]);
        $export = (array) $this->world->desk('lead', 'GET', 'library/export')->assertOk()->json();
        self::assertTrue($export['demo']);
        $this->look($export)->assertCreated();

        config(['shop.demo' => false]);
        $this->look($export)->assertStatus(422)->assertJsonPath('field', 'file')
            ->assertJsonPath('detail', 'This file was written by a demo: everything in it is invented, and nothing of it gets into a shop. Nothing was written.');
        self::assertArrayNotHasKey('demo', (array) $this->world->desk('lead', 'GET', 'library/export')->json());
    }

    public function test_what_was_looked_at_is_written_as_drafts_and_nobody_signs_by_importing(): void
    {
        $id = (string) $this->look($this->library([World::document(), ['option' => 'stud kit'] + World::document()]))->json('id');
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertAccepted()->assertJsonPath('state', 'queued');
        Queue::assertPushed(ImportLibrary::class, 1);
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertStatus(422);
        $this->work($id);

        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'done')->assertJsonPath('done', 2);
        self::assertSame(['stud kit'], WorkingDraft::query()->get()->map(fn (WorkingDraft $d): string => $d->document()['option'])->all());
        $this->world->desk('lead', 'GET', 'library?find=stud+kit')->assertJsonPath('procedures.0.state', 'draft')->assertJsonPath('total', 1);
    }

    public function test_an_import_whose_worker_died_midway_goes_on_from_there_and_nothing_is_written_twice(): void
    {
        $last = WriteImport::PART + 2;
        $documents = array_map(fn (int $n): array => ['option' => "kit $n"] + World::document(), range(1, $last));
        $id = (string) $this->look($this->library($documents))->json('id');
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertAccepted();
        $died = false;
        DB::listen(function (QueryExecuted $query) use ($last, &$died): void {
            // In the second transaction, at its last procedure.
            if (! $died && str_starts_with($query->sql, 'insert into `drafts`') && str_contains((string) json_encode($query->bindings), "kit $last")) {
                $died = true;
                throw new RuntimeException('the power went');
            }
        });
        try {
            $this->work($id);
            self::fail('It did not stop.');
        } catch (RuntimeException $e) {
            self::assertSame('the power went', $e->getMessage());
        }
        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'queued')->assertJsonPath('done', WriteImport::PART);
        self::assertSame(WriteImport::PART, WorkingDraft::query()->count());

        $this->work($id);
        $this->work($id);

        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'done')->assertJsonPath('done', $last);
        self::assertSame($last, WorkingDraft::query()->count());
        $told = DB::table('ledger_entries')->where('type', 'library_imported')->pluck('body');
        self::assertCount(1, $told, 'told once');
        self::assertStringContainsString('"written":'.$last, (string) $told[0], 'with what both halves wrote');
    }

    public function test_an_import_that_another_worker_has_is_left_to_it(): void
    {
        $id = (string) $this->look($this->library([['option' => 'kit'] + World::document()]))->json('id');
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertAccepted();
        $other = Lease::take("import/$id");
        $this->work($id);

        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'queued')->assertJsonPath('done', 0);
        $other?->end();
        $this->work($id);
        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'done');
    }

    public function test_an_import_that_cannot_go_on_says_how_far_it_came_and_can_be_brought_in_again(): void
    {
        $id = (string) $this->look($this->library([['option' => 'kit'] + World::document()]))->json('id');
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertAccepted();
        (new ImportLibrary($id, null))->failed(new RuntimeException('the disk is full'));

        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'failed')->assertJsonPath('done', 0)->assertJsonPath('why', 'It stopped unexpectedly; the log has the cause.');
        $this->work($id);
        $this->world->desk('lead', 'GET', "library/imports/$id")->assertJsonPath('state', 'failed');
        $this->look($this->library([['option' => 'kit'] + World::document()]))->assertJsonPath('rows.0.what', 'new');
    }

    public function test_nobodys_unfinished_draft_is_written_over(): void
    {
        $this->world->desk('lead', 'POST', 'library/drafts/'.$this->world->procedure->id.'/begin');
        $this->look(['cautions' => ['From outside.']] + World::document())->assertJsonPath('rows.0.what', 'refused')->assertJsonPath('rows.0.why', 'A draft of it is being written here. Hand it in or throw it away first.');
    }

    public function test_a_document_for_another_family_than_the_one_wanted_is_refused(): void
    {
        $this->look(['option' => 'new'] + World::document(), 'Osier OS6')->assertJsonPath('rows.0.what', 'refused')->assertJsonPath('rows.0.why', 'It is for Tarn TN3, not for Osier OS6.');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function circles(): iterable
    {
        $source = fn (string $code, string $by): array => ['code' => $code, 'kind' => 'engine_maker', 'title' => 't', 'edition' => 'e', 'date' => '2020', 'superseded_by' => $by];
        yield 'two sources' => [['sources' => [$source('S-1', 'S-2'), $source('S-2', 'S-1')]], 'S-1'];
        yield 'a source and itself' => [['sources' => [$source('S-1', 'S-1')]], 'S-1'];
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('circles')]
    public function test_a_circular_import_is_refused_by_name(array $part, string $named): void
    {
        $answer = $this->look($part + $this->library([]))->assertStatus(422);
        self::assertStringContainsString('circle', (string) $answer->json('detail'));
        self::assertStringContainsString($named, (string) $answer->json('detail'));
        self::assertSame(0, Import::query()->count());
    }

    public function test_a_file_that_is_no_json_or_too_large_is_refused(): void
    {
        self::assertStringContainsString('no JSON', (string) $this->send(UploadedFile::fake()->createWithContent('x.json', '{"format":'))->assertStatus(422)->json('detail'));
        $this->send(UploadedFile::fake()->createWithContent('x.json', "\xff\xfe"))->assertStatus(422);
        $this->send(UploadedFile::fake()->create('x.json', 20_481))->assertStatus(422)->assertJsonPath('detail', 'A file has at most 20 MB. Split the library by family.');
        $this->look(['format' => 'somebody.else/1'])->assertStatus(422)->assertJsonPath('field', 'file');
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/docs/formats/examples/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('examples')]
    public function test_every_example_is_imported_planned_and_exported_unchanged(string $file): void
    {
        $document = (array) json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        $this->world->desk('lead', 'POST', 'library/families', ['code' => 'EX1', 'name' => $document['family'], 'joints' => [$document['joint']]])->assertCreated();
        $id = (string) $this->look($document)->assertCreated()->assertJsonPath('rows.0.what', 'new')->json('id');
        $this->world->desk('lead', 'POST', "library/imports/$id/write")->assertAccepted();
        $this->work($id);

        self::assertGreaterThan(1, count(Expander::expand(DocumentReader::read($document))->steps));
        $exported = array_values(array_filter((array) $this->world->desk('lead', 'GET', 'library/export')->assertOk()->json('procedures'), fn (array $p): bool => $p['family'] === $document['family']));
        self::assertSame([$document], $exported);
    }

    /**
     * @param  list<array<string, mixed>>  $procedures
     * @return array<string, mixed>
     */
    private function library(array $procedures): array
    {
        return ['format' => 'tekkal.library/1', 'families' => [], 'sources' => [], 'window_standards' => [], 'procedures' => $procedures];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return TestResponse<Response>
     */
    private function look(array $document, ?string $only = null): TestResponse
    {
        return $this->send(UploadedFile::fake()->createWithContent('library.json', (string) json_encode($document)), $only);
    }

    /** @return TestResponse<Response> */
    private function send(UploadedFile $file, ?string $only = null): TestResponse
    {
        return $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post('/api/library/imports', ['file' => $file] + ($only === null ? [] : ['only' => $only]), ['Accept' => 'application/json']);
    }

    /** As the queue's worker does. */
    private function work(string $id): void
    {
        $import = Import::query()->findOrFail($id);
        self::assertNotNull(Person::query()->find($import->person));
        (new ImportLibrary($id, null))->handle(app(WriteImport::class), app(Recorder::class));
    }
}
