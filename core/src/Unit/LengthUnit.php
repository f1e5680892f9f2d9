<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** Units of length. Factors to mm are exact since 1 in = 25.4 mm by definition (NIST SP 811, appendix B). */
enum LengthUnit: string implements Unit
{
    case Millimetre = 'mm';
    case Micrometre = 'um';
    case Inch = 'in';
    /** A thousandth of an inch. */
    case Thousandth = 'thou';
    /** A tenth of a thousandth of an inch. */
    case TenthOfThousandth = 'tenth';

    public function kind(): Kind
    {
        return Kind::Length;
    }

    public function code(): string
    {
        return $this->value;
    }

    public function symbol(): string
    {
        return match ($this) {
            self::Millimetre => 'mm',
            self::Micrometre => 'µm',
            self::Inch => 'in',
            self::Thousandth => 'thou',
            self::TenthOfThousandth => 'tenths',
        };
    }

    public function factor(): BigDecimal
    {
        return BigDecimal::of(match ($this) {
            self::Millimetre => '1',
            self::Micrometre => '0.001',
            self::Inch => '25.4',
            self::Thousandth => '0.0254',
            self::TenthOfThousandth => '0.00254',
        });
    }

    public function spellings(): array
    {
        return match ($this) {
            self::Millimetre => ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
            self::Micrometre => ['µm', 'μm', 'um', 'micron', 'microns', 'micrometre', 'micrometres'],
            self::Inch => ['in', 'inch', 'inches', '"', '″'],
            self::Thousandth => ['thou', 'thous', 'thousandth', 'thousandths'],
            self::TenthOfThousandth => ['tenth', 'tenths'],
        };
    }

    public function quantity(BigDecimal $amount): Length
    {
        return Length::of($amount, $this);
    }
}
