<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** A stress, or a strength, of an estimate. */
final readonly class Stress
{
    /** NIST SP 811: 1 ksi = 6.894757293168361 MPa. */
    private const KSI_MPA = 6.894757293168361;

    private function __construct(public float $megapascals)
    {
    }

    public static function megapascals(float $amount): self
    {
        return new self($amount);
    }

    public static function ksi(float $amount): self
    {
        return new self($amount * self::KSI_MPA);
    }

    public function inKsi(): float
    {
        return $this->megapascals / self::KSI_MPA;
    }

    public function typeset(): string
    {
        return sprintf("%.0f\u{A0}MPa", $this->megapascals);
    }
}
