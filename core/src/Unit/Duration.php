<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** A time as a document prints it ("15 min", "24 h"), held in whole seconds. */
final readonly class Duration
{
    private const SECONDS = ['s' => 1, 'min' => 60, 'h' => 3600, 'd' => 86_400];

    /** A year; a longer limit is a slip. */
    private const LONGEST_S = 31_622_400;

    private function __construct(public int $seconds, public string $printed)
    {
    }

    /** @throws UnitException unless $text is a whole number of s, min, h or d, at most a year */
    public static function printed(string $text): self
    {
        if (preg_match('/^(\d{1,8}) ?(s|min|h|d)$/D', $text, $m) !== 1) {
            throw new UnitException(sprintf('"%s" is no time; write a whole number and s, min, h or d, such as 15 min.', Letters::first($text, 40)), 'time', $text, 'a whole number and s, min, h or d');
        }
        $seconds = (int) $m[1] * self::SECONDS[$m[2]];
        if ($seconds > self::LONGEST_S) {
            throw new UnitException(sprintf('%s is more than a year.', $text), 'time', $text, '366 d');
        }

        return new self($seconds, $m[1]."\u{00A0}".$m[2]);
    }

    /** @param  int  $seconds 0 or more */
    public static function ofSeconds(int $seconds): self
    {
        return new self($seconds, $seconds < 120 ? "$seconds\u{00A0}s" : intdiv($seconds + 30, 60)."\u{00A0}min");
    }
}
