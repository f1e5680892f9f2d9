<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Unit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Unit\Doubtful;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\NotUnderstood;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** What people write: spellings of the trade; common practice, no source. */
final class QuantityParserTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> text, digits kept, unit code */
    public static function understood(): iterable
    {
        yield 'the symbol with raised dot' => ['15 lbf·ft', '15', 'lbf.ft'];
        yield 'foot-pounds with a hyphen' => ['15 ft-lb', '15', 'lbf.ft'];
        yield 'foot-pounds, plural with dots' => ['15 ft. lbs.', '15', 'lbf.ft'];
        yield 'inch-pounds' => ['78 in-lb', '78', 'lbf.in'];
        yield 'newton metres without a dot' => ['9.8 Nm', '9.8', 'N.m'];
        yield 'a comma as decimal mark' => ['9,8 Nm', '9.8', 'N.m'];
        yield 'kilogram-force metres' => ['3.1 kgf m', '3.1', 'kgf.m'];
        yield 'kilogram-force centimetres' => ['120 kgf·cm', '120', 'kgf.cm'];
        yield 'the same, the other way round' => ['120 cm-kg', '120', 'kgf.cm'];
        yield 'centinewton metres' => ['80 cN·m', '80', 'cN.m'];
        yield 'newton centimetres' => ['80 N cm', '80', 'cN.m'];
        yield 'ounce inches' => ['40 ozf·in', '40', 'ozf.in'];
        yield 'inch ounces' => ['40 in-oz', '40', 'ozf.in'];
        yield 'a fraction of a turn' => ['1/8 turn', '1/8', 'turn'];
        yield 'a mixed number of turns' => ['1 1/2 turns', '1 1/2', 'turn'];
        yield 'the degree sign, no space' => ['90°', '90', 'deg'];
        yield 'thousandths as a decimal of an inch' => ['0.0065 in', '0.0065', 'in'];
        yield 'thou' => ['6.5 thou', '6.5', 'thou'];
        yield 'a leading point' => ['.165 mm', '0.165', 'mm'];
        yield 'zeros at the end are kept' => ['9.80 N·m', '9.80', 'N.m'];
        yield 'a leading zero makes the comma a decimal mark' => ['0,125 in', '0.125', 'in'];
    }

    #[DataProvider('understood')]
    public function test_it_reads_what_people_write_and_keeps_their_digits(string $text, string $digits, string $unit): void
    {
        $result = QuantityParser::parse($text);

        self::assertInstanceOf(Understood::class, $result, $result instanceof NotUnderstood ? $result->sentence : '');
        self::assertSame([$digits, $unit], [$result->value->digits, $result->value->unit->code()]);
    }

    public function test_a_comma_before_three_digits_is_asked_about(): void
    {
        $result = QuantityParser::parse('1,234 Nm');

        self::assertInstanceOf(Doubtful::class, $result);
        self::assertSame(['1.234', '1234'], array_map(fn (Written $w): string => $w->digits, $result->choices));
    }

    /** @return iterable<string, array{string, string}> text, what the sentence must name */
    public static function refused(): iterable
    {
        yield 'nothing' => ['  ', 'Nothing was written'];
        yield 'a number without a unit' => ['15', 'no unit'];
        yield 'pounds alone' => ['15 pounds', 'lbf·in'];
        yield 'lbs alone' => ['15 lbs', 'lbf·in'];
        yield 'kilos alone' => ['3 kg', 'kgf·m'];
        yield 'a negative' => ['-15 Nm', 'negative'];
        yield 'a true minus' => ['−15 Nm', 'negative'];
        yield 'an exponent' => ['1e309 Nm', 'exponent'];
        yield 'no number' => ['snug', 'does not begin with a number'];
        yield 'an unknown unit' => ['15 furlongs', 'furlongs'];
        yield 'two marks' => ['1,234.5 Nm', 'more than one decimal mark'];
        yield 'a fraction over nothing' => ['1/0 turn', 'no finite decimal'];
        yield 'a fraction that never ends' => ['1/7 turn', 'no finite decimal'];
        yield 'ten thousand characters' => [str_repeat('9', 10_000).' Nm', '40'];
        yield 'markup' => ['<script>15 Nm</script>', 'does not begin with a number'];
    }

    #[DataProvider('refused')]
    public function test_what_has_no_one_honest_meaning_is_refused_with_a_reason(string $text, string $named): void
    {
        $result = QuantityParser::parse($text);

        self::assertInstanceOf(NotUnderstood::class, $result);
        self::assertStringContainsString($named, $result->sentence);
    }

    public function test_a_unit_of_another_kind_is_refused_where_a_torque_is_wanted(): void
    {
        $result = QuantityParser::parse('80°', Kind::Torque);

        self::assertInstanceOf(NotUnderstood::class, $result);
        self::assertStringContainsString('torque', $result->sentence);
    }
}
