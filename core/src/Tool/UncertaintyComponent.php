<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** One line of an uncertainty budget. */
final readonly class UncertaintyComponent
{
    private function __construct(
        public string $name,
        private float $value,
        private float $divisor,
        public float $sensitivity,
        public float $freedom,
    ) {
    }

    /** Anything within ± half the width is as likely: divisor √3. */
    public static function rectangular(string $name, float $halfWidth, float $sensitivity = 1.0): self
    {
        return new self($name, $halfWidth, sqrt(3), $sensitivity, INF);
    }

    public static function triangular(string $name, float $halfWidth, float $sensitivity = 1.0): self
    {
        return new self($name, $halfWidth, sqrt(6), $sensitivity, INF);
    }

    /** From a certificate, with its coverage factor. */
    public static function expanded(string $name, float $expanded, float $k, float $sensitivity = 1.0): self
    {
        return new self($name, $expanded, $k, $sensitivity, INF);
    }

    /** A standard uncertainty found by observing, with its degrees of freedom. */
    public static function observed(string $name, float $standard, float $freedom, float $sensitivity = 1.0): self
    {
        return new self($name, $standard, 1.0, $sensitivity, $freedom);
    }

    public function standard(): float
    {
        return abs($this->sensitivity) * $this->value / $this->divisor;
    }
}
