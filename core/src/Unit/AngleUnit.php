<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/**
 * Units of plane angle. The base is the degree, not the radian: sheets print degrees and turns, and both stay exact
 * (1 turn = 360°, ISO 80000-3).
 */
enum AngleUnit: string implements Unit
{
    case Degree = 'deg';
    case Turn = 'turn';

    public function kind(): Kind
    {
        return Kind::Angle;
    }

    public function code(): string
    {
        return $this->value;
    }

    public function symbol(): string
    {
        return match ($this) {
            self::Degree => '°',
            self::Turn => 'turn',
        };
    }

    public function factor(): BigDecimal
    {
        return BigDecimal::of(match ($this) {
            self::Degree => 1,
            self::Turn => 360,
        });
    }

    public function spellings(): array
    {
        return match ($this) {
            self::Degree => ['°', 'deg', 'degs', 'degree', 'degrees'],
            self::Turn => ['turn', 'turns', 'rev', 'revs', 'revolution', 'revolutions'],
        };
    }

    public function quantity(BigDecimal $amount): Angle
    {
        return Angle::of($amount, $this);
    }
}
