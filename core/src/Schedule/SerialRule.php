<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/**
 * How the serial numbers of a family read: "#" stands for a digit, "@" for a capital letter, everything else for itself.
 * Common practice, no source.
 */
final readonly class SerialRule
{
    private const DIGIT = '#';

    private const LETTER = '@';

    private const LONGEST = 40;

    private function __construct(public string $pattern)
    {
    }

    /**
     * @param  string  $pattern  1 to 40 signs of A–Z, 0–9, "#", "@", space, point, slash and hyphen
     *
     * @throws ScheduleException when it has other signs, is too long, begins or ends with a space, or leaves nothing open
     */
    public static function of(string $pattern): self
    {
        if (strlen($pattern) > self::LONGEST || preg_match('~^[A-Z0-9#@][A-Z0-9#@ ./-]*(?<! )$~D', $pattern) !== 1) {
            throw new ScheduleException(sprintf('"%s" is no rule for serials. Write # for a digit, @ for a letter, and A–Z, 0–9, points, slashes and hyphens as they are: TN3-##-####.', substr($pattern, 0, self::LONGEST)), 'serial_rules', $pattern, 'at most 40 signs');
        }
        if (! str_contains($pattern, self::DIGIT) && ! str_contains($pattern, self::LETTER)) {
            throw new ScheduleException(sprintf('"%s" would be the serial of one engine only. Write # where a digit counts on.', $pattern), 'serial_rules', $pattern, 'at least one # or @');
        }

        return new self($pattern);
    }

    /** As a family's serials read where nobody has said otherwise: its code, two digits of the year, four of the engine. */
    public static function ofCode(string $code): self
    {
        return self::of("$code-##-####");
    }

    public function fits(string $serial): bool
    {
        $parts = preg_split('/([#@])/', $this->pattern, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $expression = implode('', array_map(fn (string $part): string => match ($part) {
            self::DIGIT => '[0-9]',
            self::LETTER => '[A-Z]',
            default => preg_quote($part, '/'),
        }, $parts));

        return preg_match("/^$expression$/D", $serial) === 1;
    }

    /** A number that would fit, so that people see what is meant. */
    public function example(): string
    {
        $count = 0;

        return (string) preg_replace_callback('/[#@]/', function (array $open) use (&$count): string {
            $count++;

            return $open[0] === self::DIGIT ? (string) ($count % 10) : chr(ord('A') + ($count - 1) % 26);
        }, $this->pattern);
    }
}
