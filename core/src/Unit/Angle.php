<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** A plane angle, held exactly in degrees. Positive tightens a right-hand thread. */
final readonly class Angle implements Quantity
{
    private function __construct(private BigDecimal $degrees)
    {
    }

    public static function degrees(BigDecimal|int|string $amount): self
    {
        return new self(BigDecimal::of($amount));
    }

    public static function of(BigDecimal|int|string $amount, AngleUnit $unit): self
    {
        return new self(BigDecimal::of($amount)->multipliedBy($unit->factor()));
    }

    public function kind(): Kind
    {
        return Kind::Angle;
    }

    public function inBase(): BigDecimal
    {
        return $this->degrees;
    }
}
