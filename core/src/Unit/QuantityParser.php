<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Tekkal\Core\CoreException;

/**
 * Reads what people write for a torque, an angle or a length: "15 ft-lb", "9,8 Nm", "1/8 turn", "0.0065 in".
 * A number without a unit is refused, a thousands comma is asked about, a mass is never taken for a torque.
 */
final class QuantityParser
{
    private const LONGEST = 40;

    private const SHAPE = '/^(?<sign>[+\-−]?)\s*(?<number>\d+\s+\d+\/\d+|\d+\/\d+|\d[\d.,]*|[.,]\d+)(?<exponent>e[+\-]?\d+)?\s*(?<words>.*)$/iuD';

    /** @param  Kind|null  $expected when given, a unit of another kind is refused */
    public static function parse(string $text, ?Kind $expected = null): ParseResult
    {
        $text = trim($text);
        if ($text === '') {
            return new NotUnderstood('Nothing was written. Write a number and a unit, such as 15 lbf·ft.');
        }
        if (Letters::count($text) > self::LONGEST) {
            return new NotUnderstood(sprintf('That is %d characters long; a value has at most %d.', Letters::count($text), self::LONGEST));
        }
        if (preg_match(self::SHAPE, $text, $m) !== 1) {
            return new NotUnderstood(sprintf('"%s" does not begin with a number. Write a number and a unit, such as 15 lbf·ft.', $text));
        }

        return self::refusedShape($text, $m['sign'], $m['exponent'])
            ?? self::withUnit($text, $m['number'], trim($m['words']), $expected);
    }

    private static function refusedShape(string $text, string $sign, string $exponent): ?NotUnderstood
    {
        return match (true) {
            $exponent !== '' => new NotUnderstood(sprintf('"%s" has an exponent. Write the number out in full.', $text)),
            $sign !== '' && $sign !== '+' => new NotUnderstood(sprintf('"%s" is negative; a target, limit or reading is zero or more.', $text)),
            default => null,
        };
    }

    private static function withUnit(string $text, string $number, string $words, ?Kind $expected): ParseResult
    {
        if ($words === '') {
            return new NotUnderstood(sprintf('"%s" has no unit. Say which, such as %s.', $text, self::examples($expected)));
        }
        $unit = UnitNames::tryFromWords($words);
        if ($unit === null) {
            return self::unknownUnit($words, $expected);
        }
        if ($expected !== null && $unit->kind() !== $expected) {
            return new NotUnderstood(sprintf(
                '%s is a unit of %s; a unit of %s is wanted here, such as %s.',
                $unit->symbol(), $unit->kind()->value, $expected->value, self::examples($expected),
            ));
        }

        return self::number($number, $unit);
    }

    private static function unknownUnit(string $words, ?Kind $expected): NotUnderstood
    {
        if (preg_match('/^(pounds?|lbs?|lbf|kg|kgf|kilos?)\.?$/iuD', $words) === 1) {
            return new NotUnderstood(sprintf('"%s" alone is no torque: say lbf·ft, lbf·in or kgf·m. One taken for the other is out by 12.', $words));
        }

        return new NotUnderstood(sprintf('"%s" is not a unit known here. Use one such as %s.', $words, self::examples($expected)));
    }

    private static function number(string $number, Unit $unit): ParseResult
    {
        $number = preg_replace('/\s+/', ' ', $number) ?? $number;
        $marks = preg_match_all('/[.,]/', $number);
        if ($marks > 1) {
            return new NotUnderstood(sprintf('"%s" has more than one decimal mark. Write it without separators for thousands.', $number));
        }
        if (preg_match('/^([1-9]\d{0,2}),(\d{3})$/D', $number, $m) === 1) {
            return new Doubtful(
                sprintf('Does "%s" mean %s.%s or %s%s %s?', $number, $m[1], $m[2], $m[1], $m[2], $unit->symbol()),
                [Written::of($m[1].'.'.$m[2], $unit), Written::of($m[1].$m[2], $unit)],
            );
        }
        $digits = str_replace(',', '.', $number);
        $digits = str_starts_with($digits, '.') ? '0'.$digits : rtrim($digits, '.');
        try {
            return new Understood(Written::of($digits, $unit));
        } catch (CoreException $e) {
            return new NotUnderstood($e->getMessage());
        }
    }

    private static function examples(?Kind $kind): string
    {
        return match ($kind) {
            Kind::Torque => '15 lbf·ft or 20 N·m',
            Kind::Angle => '80° or 1/8 turn',
            Kind::Length => '0.165 mm or 0.0065 in',
            null => '15 lbf·ft, 80° or 0.165 mm',
        };
    }
}
