<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

final class SourceTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_a_source_is_put_on_record_changed_and_superseded(): void
    {
        $this->keep('S-100')->assertCreated();
        $this->keep('S-101', ['edition' => '2nd'])->assertCreated();
        $this->keep('S-100', ['superseded_by' => 'S-101', 'kept' => 'archive'])->assertCreated();

        $this->world->desk('lead', 'GET', 'library/sources')->assertOk()->assertJsonPath('sources.0.superseded_by', 'S-101')->assertJsonPath('sources.0.kept', 'archive')->assertJsonPath('sources.1.edition', '2nd');
    }

    public function test_sources_do_not_supersede_each_other_in_a_circle(): void
    {
        $this->keep('S-100')->assertCreated();
        $this->keep('S-101', ['superseded_by' => 'S-100'])->assertCreated();
        $this->keep('S-100', ['superseded_by' => 'S-101'])->assertStatus(422)->assertJsonPath('field', 'superseded_by')->assertJsonPath('detail', 'These would supersede each other in a circle: S-101 → S-100 → S-101.');
        $this->keep('S-102', ['superseded_by' => 'S-999'])->assertStatus(422)->assertJsonPath('detail', 'There is no source "S-999". Put that on record first.');
        $this->keep('s 103')->assertStatus(422)->assertJsonPath('field', 'code');
    }

    public function test_a_paper_is_kept_and_handed_out_to_be_saved_not_to_be_run(): void
    {
        $this->paper(self::file('manual.pdf', self::pdf()))->assertNoContent();
        $answer = $this->world->desk('lead', 'GET', 'library/sources/'.$this->source().'/paper')->assertOk()->assertHeader('Content-Type', 'application/pdf');

        self::assertSame(self::pdf(), $answer->getContent());
        self::assertStringStartsWith('attachment', (string) $answer->headers->get('Content-Disposition'));
        self::assertStringContainsString('sandbox', (string) $answer->headers->get('Content-Security-Policy'));
    }

    public function test_a_program_that_calls_itself_a_pdf_is_refused_by_its_bytes(): void
    {
        $this->paper(self::file('manual.pdf', "\x7fELF\x02\x01\x01".str_repeat("\0", 400)))->assertStatus(422)->assertJsonPath('field', 'file')
            ->assertJsonPath('detail', '"manual.pdf" is neither a PDF nor a PNG or JPEG picture, whatever its name says. Nothing was stored.');
        $this->paper(self::file('manual.pdf', "#!/bin/sh\necho %PDF-1.4\n%%EOF"))->assertStatus(422);
        $this->world->desk('lead', 'GET', 'library/sources/'.$this->source().'/paper')->assertNotFound()->assertJsonPath('detail', 'This source has no paper on record.');
        self::assertSame([], Storage::disk('local')->allFiles('sources'));
    }

    public function test_a_paper_of_more_than_twenty_megabytes_is_refused(): void
    {
        $this->paper(UploadedFile::fake()->create('manual.pdf', 20_481, 'application/pdf'))->assertStatus(422)->assertJsonPath('detail', 'A file has at most 20 MB. Nothing was stored.');
    }

    public function test_a_picture_is_drawn_anew_so_that_nothing_else_comes_in_with_it(): void
    {
        $picture = imagecreatetruecolor(4, 4);
        ob_start();
        imagepng($picture);
        $this->paper(self::file('page.png', ob_get_clean().'<?php echo "hidden";'))->assertNoContent();
        $kept = (string) $this->world->desk('lead', 'GET', 'library/sources/'.$this->source().'/paper')->assertHeader('Content-Type', 'image/png')->getContent();

        self::assertStringNotContainsString('hidden', $kept);
        $this->paper(self::file('page.png', "\x89PNG\r\n\x1a\nno picture"))->assertStatus(422);
    }

    public function test_a_paper_whose_bytes_changed_on_the_disk_is_not_handed_out(): void
    {
        $this->paper(self::file('manual.pdf', self::pdf()))->assertNoContent();
        Storage::disk('local')->put(Storage::disk('local')->allFiles('sources')[0], 'something else');
        self::assertStringContainsString('damaged', (string) $this->world->desk('lead', 'GET', 'library/sources/'.$this->source().'/paper')->assertNotFound()->json('detail'));
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response>
     */
    private function keep(string $code, array $change = []): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'library/sources', $change + ['code' => $code, 'kind' => 'engine_maker', 'title' => 'A manual', 'edition' => '1st', 'date' => '2020-01', 'kept' => null, 'superseded_by' => null]);
    }

    private function source(): string
    {
        return (string) $this->keep('S-100')->assertCreated()->json('id');
    }

    /** @return TestResponse<Response> */
    private function paper(UploadedFile $file): TestResponse
    {
        return $this->world->deskFile('lead', "library/sources/{$this->source()}/paper", [], $file);
    }

    private static function file(string $name, string $bytes): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $bytes);
    }

    private static function pdf(): string
    {
        return "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n";
    }
}
