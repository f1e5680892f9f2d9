<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Unit;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Unit\LengthUnit;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\UnitNames;

final class UnitFactorsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, float, float}> keyed by the check value's id, source in SOURCES.md */
    public static function nistSp811(): iterable
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/../../reference/units.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($file['entries'] as $entry) {
            yield $entry['id'] => [(string) $entry['value'], $entry['from'], $entry['unit'], (float) $entry['expected'], (float) $entry['tolerance']];
        }
    }

    #[DataProvider('nistSp811')]
    public function test_a_conversion_agrees_with_nist_sp_811(string $value, string $from, string $to, float $expected, float $tolerance): void
    {
        $base = UnitNames::fromCode($from)->quantity(BigDecimal::of($value))->inBase();
        $got = $base->dividedBy(UnitNames::fromCode($to)->factor(), 20, RoundingMode::HALF_UP)->toFloat();

        self::assertEqualsWithDelta($expected, $got, abs($expected) * max($tolerance, 1e-12));
    }

    /** NIST SP 811 appendix B: 1 lb = 0.45359237 kg, g_n = 9.80665 m/s², 1 in = 25.4 mm, all exact by definition. */
    public function test_factors_of_torque_are_exact_products_of_their_definitions(): void
    {
        $pound = BigDecimal::of('0.45359237')->multipliedBy('9.80665');

        self::assertTrue($pound->multipliedBy('0.3048')->isEqualTo(TorqueUnit::PoundForceFoot->factor()));
        self::assertTrue($pound->multipliedBy('0.0254')->isEqualTo(TorqueUnit::PoundForceInch->factor()));
        self::assertTrue(BigDecimal::of('9.80665')->isEqualTo(TorqueUnit::KilogramForceMetre->factor()));
        self::assertTrue(BigDecimal::of('9.80665')->multipliedBy('0.01')->isEqualTo(TorqueUnit::KilogramForceCentimetre->factor()));
        self::assertTrue(TorqueUnit::OunceForceInch->factor()->multipliedBy(16)->isEqualTo(TorqueUnit::PoundForceInch->factor()));
        self::assertTrue(TorqueUnit::CentinewtonMetre->factor()->multipliedBy(100)->isEqualTo(1));
    }

    public function test_a_foot_pound_is_exactly_twelve_inch_pounds(): void
    {
        self::assertTrue(TorqueUnit::PoundForceInch->factor()->multipliedBy(12)->isEqualTo(TorqueUnit::PoundForceFoot->factor()));
    }

    public function test_a_thousandth_and_its_tenth_are_fractions_of_the_inch_of_25_4_mm(): void
    {
        self::assertTrue(LengthUnit::Thousandth->factor()->multipliedBy(1000)->isEqualTo('25.4'));
        self::assertTrue(LengthUnit::TenthOfThousandth->factor()->multipliedBy(10)->isEqualTo(LengthUnit::Thousandth->factor()));
    }
}
