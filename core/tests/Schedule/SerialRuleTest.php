<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Schedule\ScheduleException;
use Tekkal\Core\Schedule\SerialRule;

/** Common practice, no source: shops number engines by family, year and count; older plates bear other patterns. */
final class SerialRuleTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> rule, number, does it fit */
    public static function numbers(): iterable
    {
        yield 'family, year, number' => ['TN3-##-####', 'TN3-26-0417', true];
        yield 'a digit short' => ['TN3-##-####', 'TN3-26-041', false];
        yield 'a digit more' => ['TN3-##-####', 'TN3-26-04170', false];
        yield 'another family' => ['TN3-##-####', 'HG4-26-0417', false];
        yield 'a letter where a digit counts' => ['TN3-##-####', 'TN3-2O-0417', false];
        yield 'a plate of a maker' => ['@@ ###.###/@', 'KD 104.220/B', true];
        yield 'a point stands for itself' => ['@@ ###.###/@', 'KD 104x220/B', false];
        yield 'a small letter' => ['@###', 'a104', false];
        yield 'a line feed behind it' => ['@###', "A104\n", false];
        yield 'a digit of another script' => ['###', '１２３', false];
    }

    #[DataProvider('numbers')]
    public function test_a_number_fits_its_rule_sign_by_sign(string $rule, string $number, bool $fits): void
    {
        self::assertSame($fits, SerialRule::of($rule)->fits($number));
    }

    /** @return iterable<string, array{string, string}> rule, what the sentence says */
    public static function noRules(): iterable
    {
        yield 'nothing' => ['', 'is no rule for serials'];
        yield 'an expression of a programmer' => ['TN3-[0-9]+', 'is no rule for serials'];
        yield 'small letters' => ['tn3-##', 'is no rule for serials'];
        yield 'a space at its end' => ['TN3-## ', 'is no rule for serials'];
        yield 'too long' => [str_repeat('#', 41), 'is no rule for serials'];
        yield 'one engine only' => ['TN3-26-0417', 'the serial of one engine only'];
    }

    #[DataProvider('noRules')]
    public function test_what_is_no_rule_is_refused_by_name(string $rule, string $says): void
    {
        try {
            SerialRule::of($rule);
            self::fail('It was taken.');
        } catch (ScheduleException $e) {
            self::assertStringContainsString($says, $e->getMessage());
            self::assertSame('serial_rules', $e->what);
        }
    }

    public function test_its_example_fits_it(): void
    {
        foreach (['TN3-##-####', '@@ ###.###/@', '####################'] as $rule) {
            self::assertTrue(SerialRule::of($rule)->fits(SerialRule::of($rule)->example()), $rule);
        }
        self::assertSame('TN3-12-3456', SerialRule::ofCode('TN3')->example());
    }
}
