<?php

declare(strict_types=1);

namespace App\Shared\Print;

use Dompdf\Dompdf;
use Dompdf\Options;
use FontLib\Font;
use LogicException;

/** A page of HTML as a PDF, in the typeface of the screens: nothing of it is fetched from anywhere. */
final class Pdf
{
    private const SOFT = [0.25, 0.25, 0.25];

    private const SMALL_PT = 7.5;

    /** A little inside the margin of the page, mm from its foot. */
    private const FOOT_MM = 9;

    private const FAMILY = 'Archivo';

    /** For what the typeface has no sign for: boxes, arrows, fractions. */
    private const OTHER = 'DejaVu Sans';

    /** @param  string  $foot  stands on each page, before "page 1 of 3"; empty: neither does */
    public static function of(string $html, string $foot = ''): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont(self::FAMILY);
        // The library writes the metrics of a font that it meets for the first time; code is read-only, so it does that here.
        $fonts = storage_path('framework/cache/pdf');
        is_dir($fonts) || mkdir($fonts, 0o700, true);
        $options->setFontDir($fonts);
        $options->setFontCache($fonts);
        $options->setTempDir($fonts);
        $options->setChroot([$fonts, dirname(self::file('400'))]);
        $pdf = new Dompdf($options);
        self::typeface($pdf);
        $pdf->loadHtml(self::inTypeface($html));
        $pdf->setPaper('A4');
        $pdf->render();
        if ($foot !== '') {
            $canvas = $pdf->getCanvas();
            $canvas->page_text(14 * 72 / 25.4, $canvas->get_height() - self::FOOT_MM * 72 / 25.4, "$foot    page {PAGE_NUM} of {PAGE_COUNT}", (string) $pdf->getFontMetrics()->getFont(self::FAMILY), self::SMALL_PT, self::SOFT);
        }

        return (string) $pdf->output();
    }

    private static function typeface(Dompdf $pdf): void
    {
        foreach (['normal' => '400', 'bold' => '700'] as $weight => $file) {
            $pdf->getFontMetrics()->registerFont(['family' => self::FAMILY, 'weight' => $weight, 'style' => 'normal'], self::file($file));
        }
    }

    /** It is built with the front end, from the package that the screens have it from. */
    private static function file(string $weight): string
    {
        return public_path("build/paper/archivo-$weight.ttf");
    }

    /** The library takes no sign of a text from another typeface, and would print a box in its place. */
    private static function inTypeface(string $html): string
    {
        $known = once(fn (): array => self::signs());
        $outside = function (array $text) use ($known): string {
            $parts = preg_split('/([^\x00-\x7F]+)/u', $text[0], -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];

            return implode('', array_map(fn (string $part): string => self::has($part, $known) ? $part : sprintf("<span style=\"font-family: '%s'\">%s</span>", self::OTHER, $part), $parts));
        };
        [$head, $body] = array_pad(explode('<body>', $html, 2), 2, '');

        return $body === '' ? $html : "$head<body>".preg_replace_callback('/(?<=>)[^<]+(?=<)/u', $outside, $body);
    }

    /** @param  array<int, mixed>  $known */
    private static function has(string $text, array $known): bool
    {
        foreach (mb_str_split($text) as $sign) {
            if (ord($sign) > 0x7F && ! isset($known[mb_ord($sign)])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, mixed> by code point */
    private static function signs(): array
    {
        $font = Font::load(self::file('400')) ?? throw new LogicException('The typeface of the papers is missing.');
        $font->parse();

        return $font->getUnicodeCharMap() ?? [];
    }

    public static function picture(string $bytes, string $type): string
    {
        return "data:$type;base64,".base64_encode($bytes);
    }
}
