<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Unit;

use Brick\Math\RoundingMode;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionMethod;
use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Length;
use Tekkal\Core\Unit\Stress;
use Tekkal\Core\Unit\Torque;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;
use TypeError;

/** Sums and differences of printed values are exact; conversions are the exact factors of NIST SP 811. */
final class WrittenArithmeticTest extends TestCase
{
    /** @return iterable<string, array{array{string, string}, array{string, string}, string, string|null}> */
    public static function pairs(): iterable
    {
        yield 'in one unit' => [['15', 'lbf.ft'], ['3', 'lbf.ft'], '18', '12'];
        yield 'twelve inches are a foot' => [['15', 'lbf.ft'], ['60', 'lbf.in'], '20', '10'];
        yield 'strokes of an angle' => [['60', 'deg'], ['1/4', 'turn'], '150', null];
        yield 'a stretch' => [['2.0053', 'in'], ['2.0000', 'in'], '4.0053', '0.0053'];
        yield 'the same' => [['5', 'N.m'], ['5', 'N.m'], '10', '0'];
        yield 'inches from millimetres' => [['25.4', 'mm'], ['1', 'in'], '50.8', '0'];
    }

    /**
     * @param  array{string, string}  $a
     * @param  array{string, string}  $b
     */
    #[DataProvider('pairs')]
    public function test_sum_and_difference_stand_in_the_first_unit(array $a, array $b, string $sum, ?string $difference): void
    {
        [$x, $y] = [Written::fromCode(...$a), Written::fromCode(...$b)];

        self::assertTrue($x->plus($y)->quantity()->inBase()->isEqualTo(Written::fromCode($sum, $a[1])->quantity()->inBase()));
        self::assertSame($x->unit, $x->plus($y)->unit);
        self::assertSame($difference === null, $x->minus($y) === null);
        self::assertTrue($difference === null || $x->minus($y)?->quantity()->inBase()->isEqualTo(Written::fromCode($difference, $a[1])->quantity()->inBase()));
    }

    public function test_what_measures_different_things_has_no_sum_and_no_difference(): void
    {
        foreach (['plus', 'minus', 'isGreaterThan'] as $operation) {
            try {
                Written::fromCode('5', 'N.m')->{$operation}(Written::fromCode('1', 'mm'));
                self::fail('It was accepted.');
            } catch (UnitException $e) {
                self::assertStringContainsString('measure different things', $e->getMessage());
                self::assertSame(['quantity', "1\u{A0}mm", 'torque'], [$e->what, $e->value, $e->limit]);
            }
        }
    }

    public function test_a_torque_is_never_added_to_a_length(): void
    {
        $this->expectException(TypeError::class);
        // As code that was not analysed would call it.
        (new ReflectionMethod(Length::class, 'plus'))->invoke(Length::millimetres(1), Torque::newtonMetres(5));
    }

    /** 1 N·m is 0.7375621492772… lbf·ft without an end; 12 decimals are what a value may have. */
    public function test_what_has_no_finite_decimal_in_the_other_unit_is_rounded_only_as_it_is_told(): void
    {
        [$foot, $metre] = [Written::fromCode('1', 'lbf.ft'), Written::fromCode('1', 'N.m')];
        self::assertSame(['1.737562149277', '1.737562149278'], [$foot->plus($metre, RoundingMode::FLOOR)->digits, $foot->plus($metre, RoundingMode::CEILING)->digits]);

        $this->expectException(UnitException::class);
        $this->expectExceptionMessage("1\u{A0}N·m has no finite decimal in lbf·ft; say how to round it.");
        $foot->plus($metre);
    }

    public function test_whole_turns_come_off_an_angle_and_nothing_else(): void
    {
        self::assertSame(['20', '0', '90'], array_map(fn (array $a): string => Written::fromCode(...$a)->withoutWholeTurns()->digits, [['380', 'deg'], ['2', 'turn'], ['1.25', 'turn']]));
        $this->expectException(InvalidArgumentException::class);
        Written::fromCode('20', 'N.m')->withoutWholeTurns();
    }

    public function test_values_are_compared_as_what_they_are(): void
    {
        self::assertTrue(Written::fromCode('1', 'lbf.ft')->isGreaterThan(Written::fromCode('1.35', 'N.m')));
        self::assertFalse(Written::fromCode('1', 'in')->isGreaterThan(Written::fromCode('25.4', 'mm')));
        self::assertSame('20.337269224971006', (string) Written::fromCode('15', 'lbf.ft')->quantity()->inBase()->stripTrailingZeros());
        self::assertSame(['90', 'deg'], [Written::fromCode('1/4', 'turn')->inBaseUnit()->digits, Written::fromCode('1/4', 'turn')->inBaseUnit()->unit->code()]);
    }

    /** @return iterable<string, array{string, int}> */
    public static function times(): iterable
    {
        yield 'minutes' => ['15 min', 900];
        yield 'hours, no space' => ['24h', 86_400];
        yield 'seconds' => ['90 s', 90];
        yield 'days' => ['3 d', 259_200];
        yield 'no time at all' => ['0 min', 0];
        yield 'a leap year' => ['366 d', 31_622_400];
    }

    #[DataProvider('times')]
    public function test_a_time_is_read_as_printed(string $printed, int $seconds): void
    {
        self::assertSame($seconds, Duration::printed($printed)->seconds);
    }

    public function test_what_is_no_time_is_refused(): void
    {
        foreach (['15', 'min', '1.5 h', '15 minutes', '-3 min', '367 d', ''] as $wrong) {
            try {
                Duration::printed($wrong);
                self::fail("\"$wrong\" was accepted.");
            } catch (InvalidArgumentException $e) {
                self::assertMatchesRegularExpression('/is no time|more than a year/', $e->getMessage());
            }
        }
        self::assertSame(["90\u{A0}s", "2\u{A0}min", "17\u{A0}min"], array_map(fn (int $s): string => Duration::ofSeconds($s)->printed, [90, 120, 1000]));
    }

    public function test_forces_and_stresses_convert_by_the_exact_factors(): void
    {
        self::assertEqualsWithDelta(53.378659383126, Force::poundsForce(12_000)->kilonewtons(), 1e-9);
        self::assertEqualsWithDelta(12_000, Force::poundsForce(12_000)->inPoundsForce(), 1e-9);
        self::assertEqualsWithDelta(120, Stress::ksi(120)->inKsi(), 1e-12);
        self::assertSame(["43.4\u{A0}kN", "827\u{A0}MPa"], [Force::newtons(43_400)->typeset(), Stress::ksi(120)->typeset()]);
        self::assertSame('1.30', (string) Length::millimetres('2.50')->minus(Length::millimetres('1.20'))->inBase());
    }
}
