<?php

declare(strict_types=1);

namespace Tekkal\Core\Procedure;

/**
 * Texts that people read and compare: no control signs, none that turn the direction of writing or cannot be seen
 * (Unicode's Cc, but for the line feed where lines are allowed, Cf, Zl, Zp, Co). What looks the same is then the same.
 */
final class PlainText
{
    /** A name of a joint, an option, a group; as long as its column. */
    public const LONGEST_NAME = 80;

    private const LINE = '/^[^\p{Cc}\p{Cf}\p{Co}\p{Zl}\p{Zp}]*$/Du';

    private const LINES = '/^(?:[^\p{Cc}\p{Cf}\p{Co}\p{Zl}\p{Zp}]|\n)*$/Du';

    public static function isLine(string $text): bool
    {
        return preg_match(self::LINE, $text) === 1;
    }

    public static function isLines(string $text): bool
    {
        return preg_match(self::LINES, $text) === 1;
    }
}
