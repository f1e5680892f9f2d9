<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * Texts that people read and compare: no control signs, none that turn the direction of writing or cannot be seen
 * (Unicode's Cc, but for the line feed where lines are allowed, Cf, Zl, Zp, Co). What looks the same is then the same.
 */
final class PlainText
{
    /** A name of a joint, an option, a group; as long as its column. */
    public const LONGEST_NAME = 80;

    private const UNSEEN = '/[\p{Cc}\p{Cf}\p{Co}\p{Zl}\p{Zp}]/u';

    private const UNSEEN_IN_LINES = '/[\p{Cf}\p{Co}\p{Zl}\p{Zp}]|(?!\n)\p{Cc}/u';

    /** False for what is no UTF-8 as well. */
    public static function isLine(string $text): bool
    {
        return preg_match(self::UNSEEN, $text) === 0;
    }

    public static function isLines(string $text): bool
    {
        return preg_match(self::UNSEEN_IN_LINES, $text) === 0;
    }
}
