<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use Tests\Feature\FeatureTestCase;

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

    /** What the pages draw: every stream of the file, unpacked. */
    private static function drawn(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);

        return implode("\n", array_map(fn (string $s): string => (string) @gzuncompress($s), $streams[1]));
    }
}
