<?php

declare(strict_types=1);

namespace App\Shared\Print;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as a PDF: nothing of it is fetched from anywhere. */
final class Pdf
{
    private const SOFT = [0.25, 0.25, 0.25];

    private const SMALL_PT = 7.5;

    /** A little inside the margin of the page, mm from its foot. */
    private const FOOT_MM = 9;

    /** @param  string  $foot  stands on each page, before "page 1 of 3"; empty: neither does */
    public static function of(string $html, string $foot = ''): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        // The library writes the metrics of a font that it meets for the first time; code is read-only, so it does that here.
        $fonts = storage_path('framework/cache/pdf');
        is_dir($fonts) || mkdir($fonts, 0o700, true);
        $options->setFontCache($fonts);
        $options->setTempDir($fonts);
        $options->setChroot([$fonts]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html);
        $pdf->setPaper('A4');
        $pdf->render();
        if ($foot !== '') {
            $canvas = $pdf->getCanvas();
            $canvas->page_text(14 * 72 / 25.4, $canvas->get_height() - self::FOOT_MM * 72 / 25.4, "$foot    page {PAGE_NUM} of {PAGE_COUNT}", (string) $pdf->getFontMetrics()->getFont('DejaVu Sans'), self::SMALL_PT, self::SOFT);
        }

        return (string) $pdf->output();
    }

    public static function picture(string $bytes, string $type): string
    {
        return "data:$type;base64,".base64_encode($bytes);
    }
}
