<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Unit;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Unit\Written;

final class WrittenTest extends TestCase
{
    /** An eighth of a turn is 45° (1 turn = 360°, ISO 80000-3). */
    public function test_an_eighth_of_a_turn_is_forty_five_degrees_and_is_printed_as_an_eighth(): void
    {
        $eighth = Written::fromCode('1/8', 'turn');

        self::assertTrue($eighth->quantity()->inBase()->isEqualTo(45));
        self::assertSame("1/8\u{A0}turn", $eighth->typeset());
        self::assertSame('0.125', $eighth->decimal());
    }

    public function test_it_prints_the_digits_that_were_written(): void
    {
        self::assertSame("9.80\u{A0}N·m", Written::fromCode('9.80', 'N.m')->typeset());
        self::assertSame("15\u{A0}lbf·ft", Written::fromCode('15', 'lbf.ft')->typeset());
        self::assertSame('80°', Written::fromCode('80', 'deg')->typeset());
    }

    /** @return iterable<string, array{string}> */
    public static function notNumbers(): iterable
    {
        yield 'empty' => [''];
        yield 'infinite' => ['INF'];
        yield 'exponent' => ['1e309'];
        yield 'negative' => ['-1'];
        yield 'hexadecimal' => ['0x1A'];
        yield 'line feed at the end' => ["15\n"];
        yield 'too long' => [str_repeat('1', 13)];
    }

    #[DataProvider('notNumbers')]
    public function test_only_plain_decimals_and_fractions_are_values(string $digits): void
    {
        $this->expectException(InvalidArgumentException::class);

        Written::fromCode($digits, 'N.m');
    }

    public function test_a_code_that_is_no_unit_is_refused(): void
    {
        $this->expectExceptionMessage('"pounds"');

        Written::fromCode('15', 'pounds');
    }
}
