<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;

/** A moment of force, held exactly in N·m. */
final readonly class Torque implements Quantity
{
    private function __construct(private BigDecimal $newtonMetres)
    {
    }

    public static function newtonMetres(BigDecimal|int|string $amount): self
    {
        return new self(BigDecimal::of($amount));
    }

    public static function of(BigDecimal|int|string $amount, TorqueUnit $unit): self
    {
        return new self(BigDecimal::of($amount)->multipliedBy($unit->factor()));
    }

    public function kind(): Kind
    {
        return Kind::Torque;
    }

    public function inBase(): BigDecimal
    {
        return $this->newtonMetres;
    }
}
