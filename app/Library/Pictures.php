<?php

declare(strict_types=1);

namespace App\Library;

use App\Shared\ProblemType;
use App\Shared\Refused;

/** Pictures that somebody brings: drawn anew, so that nothing else comes in with them. */
final class Pictures
{
    private const MOST_PIXELS = 40_000_000;

    /** Is it a picture by its bytes, whatever its name says? */
    public static function isOne(string $bytes): bool
    {
        return str_starts_with($bytes, "\x89PNG\r\n\x1a\n") || str_starts_with($bytes, "\xFF\xD8\xFF");
    }

    /** @param  int|null  $widest  in pixels; wider ones are made smaller. Null: as it is */
    public static function drawnAnew(string $bytes, ?int $widest = null): string
    {
        $size = getimagesizefromstring($bytes);
        if ($size === false || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw new Refused(ProblemType::BadValue, 'The picture cannot be read, or has more than 40 million pixels. Nothing was stored.', 422, ['field' => 'file', 'limit' => self::MOST_PIXELS, 'unit' => 'pixels']);
        }
        $picture = @imagecreatefromstring($bytes) ?: throw Refused::field('file', 'The picture is damaged. Nothing was stored.');
        $picture = $widest !== null && $size[0] > $widest ? imagescale($picture, $widest) ?: $picture : $picture;
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
