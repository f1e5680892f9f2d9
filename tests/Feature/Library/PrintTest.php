<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Actions\KeepPicture;
use App\Library\Actions\SubmitRevision;
use App\Shared\Print\Pdf;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class PrintTest extends FeatureTestCase
{
    public function test_a_job_card_is_a_pdf_with_the_line_the_map_and_a_code_back_to_its_revision(): void
    {
        $answer = $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id.'/job-card.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $pdf = (string) $answer->getContent();

        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertStringContainsString('%%EOF', substr($pdf, -64));
        // The map is drawn: two circles and a hexagon for each of eight bolts are sixteen curves of four arcs and more.
        self::assertGreaterThan(64, preg_match_all('/ c\b/', self::drawn($pdf)));
        // The code is a picture: 8 dots a square and a border of 2, so its width is that of an odd version of ISO/IEC 18004, 17 + 4 v squares.
        self::assertSame(1, preg_match('#/Subtype /Image\n/Width (\d+)\n/Height (\d+)#', $pdf, $size));
        self::assertSame($size[1], $size[2]);
        self::assertSame(0, ((int) $size[1] / 8 - 4 - 17) % 4);
    }

    public function test_pictures_of_how_a_round_and_a_fastener_must_look_are_on_the_card(): void
    {
        Storage::fake('local');
        $document = World::document();
        $document['fasteners'][0]['pictures'] = [['file' => $this->picture(60, 50), 'shows' => 'wrong', 'says' => 'the washer upside down']];
        $document['stages'][0]['pictures'] = [['file' => $this->picture(40, 30), 'shows' => 'right', 'says' => 'drawn flat'], ['file' => str_repeat('a', 64), 'shows' => 'wrong', 'says' => 'not here']];
        $document['aids'] = [['key' => 'lock', 'number' => '2', 'name' => 'the crank lock', 'kind' => 'lock']];
        $revision = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        $pdf = (string) $this->world->desk('lead', 'GET', "library/revisions/$revision->id/job-card.pdf")->assertOk()->getContent();

        self::assertSame(1, preg_match_all('#/Subtype /Image\n/Width 40\n/Height 30#', $pdf));
        self::assertSame(1, preg_match_all('#/Subtype /Image\n/Width 60\n/Height 50#', $pdf));
    }

    public function test_a_map_is_drawn_true_on_the_card_however_tall_it_is(): void
    {
        $document = World::document();
        $document['map']['height'] = '600';
        $revision = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        $drawn = self::drawn((string) $this->world->desk('lead', 'GET', "library/revisions/$revision->id/job-card.pdf")->assertOk()->getContent());

        // Matrices of ISO 32000-1, 8.3.3: a 0 0 d scales across by a and up by d.
        self::assertGreaterThan(0, preg_match_all('/^ *(-?[\d.]+) 0\.000 0\.000 (-?[\d.]+) [\d.]+ [\d.]+ cm\s*$/m', $drawn, $scales));
        foreach ($scales[1] as $i => $across) {
            self::assertEqualsWithDelta(abs((float) $across), abs((float) $scales[2][$i]), 0.002);
        }
    }

    /** @return string the hash that it is known by, of one of so many pixels */
    private function picture(int $width, int $height): string
    {
        $picture = imagecreatetruecolor($width, $height);
        imagefill($picture, 0, 0, (int) imagecolorallocate($picture, 200, 40, 40));
        ob_start();
        imagepng($picture);

        return app(KeepPicture::class)(UploadedFile::fake()->createWithContent('part.png', (string) ob_get_clean()), $this->world->person('lead'));
    }

    /** What the pages draw: every stream of the file, unpacked. */
    private static function drawn(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);

        return implode("\n", array_map(fn (string $s): string => (string) @gzuncompress($s), $streams[1]));
    }

    public function test_papers_are_in_the_typeface_of_the_screens_and_what_it_has_no_sign_for_is_printed_all_the_same(): void
    {
        $fonts = fn (string $text): array => array_map(fn (string $font): bool => str_contains(Pdf::of("<html><body><p>$text</p></body></html>"), $font), ['Archivo', 'DejaVu']);

        self::assertSame([true, false], $fonts('32 N·m, 47° − 3°, M10 × 1.5, “good”'));
        self::assertSame([true, true], $fonts('☐ checked → 1⅛ turn'));
    }
}
