<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** A force of an estimate; estimates carry binary numbers, printed values never do. */
final readonly class Force
{
    /** NIST SP 811: 1 lbf = 4.4482216152605 N, exact. */
    private const POUND_N = 4.4482216152605;

    private function __construct(public float $newtons)
    {
    }

    public static function newtons(float $amount): self
    {
        return new self($amount);
    }

    public static function poundsForce(float $amount): self
    {
        return new self($amount * self::POUND_N);
    }

    public function kilonewtons(): float
    {
        return $this->newtons / 1000;
    }

    public function inPoundsForce(): float
    {
        return $this->newtons / self::POUND_N;
    }

    /** "43.4 kN" */
    public function typeset(): string
    {
        return sprintf("%.1f\u{A0}kN", $this->kilonewtons());
    }
}
