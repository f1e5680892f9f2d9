<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/**
 * Letters of a text in UTF-8, counted and cut. With regular expressions alone: the core also runs where PHP has no
 * extension for texts.
 */
final class Letters
{
    /** What is no UTF-8 is counted by its bytes. */
    public static function count(string $text): int
    {
        $count = preg_match_all('/./us', $text);

        return $count === false ? strlen($text) : $count;
    }

    /** The first so many; of what is no UTF-8 nothing. */
    public static function first(string $text, int $most): string
    {
        return preg_match('/^.{0,'.$most.'}/us', $text, $first) === 1 ? $first[0] : '';
    }

    public static function isText(string $bytes): bool
    {
        return preg_match('//u', $bytes) === 1;
    }

    /** The same but for capitals, in any script. */
    public static function areSame(string $one, string $other): bool
    {
        return preg_match('/^'.preg_quote($one, '/').'$/iuD', $other) === 1;
    }
}
