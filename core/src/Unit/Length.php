<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** A length, held exactly in millimetres. */
final readonly class Length implements Quantity
{
    private function __construct(private BigDecimal $millimetres)
    {
    }

    public static function millimetres(BigDecimal|int|string $amount): self
    {
        return new self(BigDecimal::of($amount));
    }

    public static function of(BigDecimal|int|string $amount, LengthUnit $unit): self
    {
        return new self(BigDecimal::of($amount)->multipliedBy($unit->factor()));
    }

    public function plus(self $other): self
    {
        return new self($this->millimetres->plus($other->millimetres));
    }

    public function minus(self $other): self
    {
        return new self($this->millimetres->minus($other->millimetres));
    }

    public function kind(): Kind
    {
        return Kind::Length;
    }

    public function inBase(): BigDecimal
    {
        return $this->millimetres;
    }
}
