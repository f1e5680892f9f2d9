<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use App\Library\Queries\ApprovalBlockers;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

final class PictureTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_a_picture_is_kept_under_its_hash_and_shown_and_not_kept_twice(): void
    {
        $file = (string) $this->bring(self::picture(8, 6))->assertCreated()->json('file');
        $shown = $this->world->desk('approver', 'GET', "library/pictures/$file")->assertOk()->assertHeader('Content-Type', 'image/png');

        self::assertSame($file, hash('sha256', (string) $shown->getContent()));
        self::assertStringContainsString('sandbox', (string) $shown->headers->get('Content-Security-Policy'));
        $this->bring(self::picture(8, 6))->assertCreated()->assertJsonPath('file', $file);
        self::assertSame(1, DB::table('ledger_entries')->where('stream', 'like', 'picture/%')->count());
    }

    public function test_it_is_drawn_anew_and_no_wider_than_a_screen(): void
    {
        $file = (string) $this->bring(self::picture(3200, 1200).'<?php echo "hidden";')->assertCreated()->json('file');
        $kept = (string) $this->world->desk('lead', 'GET', "library/pictures/$file")->getContent();

        self::assertSame([1600, 600], array_slice((array) getimagesizefromstring($kept), 0, 2));
        self::assertStringNotContainsString('hidden', $kept);
    }

    public function test_what_is_no_picture_is_refused_by_its_bytes_and_nothing_is_stored(): void
    {
        $this->bring('%PDF-1.4 %%EOF', 'cap.png')->assertStatus(422)->assertJsonPath('field', 'file')->assertJsonPath('detail', '"cap.png" is neither a PNG nor a JPEG picture, whatever its name says. Nothing was stored.');
        $this->bring("\x89PNG\r\n\x1a\nno picture")->assertStatus(422);
        $this->world->desk('lead', 'POST', 'library/pictures')->assertStatus(422)->assertJsonPath('detail', 'Choose a picture.');
        self::assertSame([], Storage::disk('local')->allFiles('pictures'));
    }

    public function test_who_may_only_read_brings_none_and_one_that_is_not_there_or_changed_is_not_shown(): void
    {
        $file = (string) $this->bring(self::picture(4, 4))->json('file');
        $this->bring(self::picture(5, 5), who: 'crib')->assertForbidden();
        $this->world->desk('lead', 'GET', 'library/pictures/'.str_repeat('0', 64))->assertNotFound()->assertJsonPath('detail', 'This picture is not on record here.');
        $this->world->desk('lead', 'GET', 'library/pictures/../../.env')->assertNotFound();
        Storage::disk('local')->put("pictures/$file", 'something else');
        self::assertStringContainsString('damaged', (string) $this->world->desk('lead', 'GET', "library/pictures/$file")->assertNotFound()->json('detail'));
    }

    public function test_the_sheet_shows_right_beside_wrong_and_a_picture_that_nobody_brought_bars_the_signature(): void
    {
        $file = (string) $this->bring(self::picture(8, 6))->json('file');
        $document = World::document();
        $document['fasteners'][0]['pictures'] = [['file' => $file, 'shows' => 'right', 'says' => 'marking 10.9']];
        $document['stages'][0]['pictures'] = [['file' => $file, 'shows' => 'right', 'says' => 'drawn flat'], ['file' => str_repeat('a', 64), 'shows' => 'wrong', 'says' => 'cocked']];

        self::assertSame(['The picture aaaaaaaaaaaa… is not on record here; bring it again.'], ApprovalBlockers::pictures($document));
        $sheet = $this->world->desk('lead', 'POST', 'library/look', ['document' => $document])->assertOk()->json('sheet');
        self::assertSame(['right', 'wrong'], array_column((array) data_get($sheet, 'rungs.0.pictures'), 'shows'));
        self::assertSame('marking 10.9', data_get($sheet, 'fastener_types.0.pictures.0.says'));
    }

    /** @return TestResponse<Response> */
    private function bring(string $bytes, string $name = 'cap.png', string $who = 'lead'): TestResponse
    {
        return $this->actingAs($this->world->person($who))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post('/api/library/pictures', ['file' => UploadedFile::fake()->createWithContent($name, $bytes)], ['Accept' => 'application/json']);
    }

    /** @param  int<1, max>  $width */
    private static function picture(int $width, int $height): string
    {
        $picture = imagecreatetruecolor($width, max(1, $height));
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
