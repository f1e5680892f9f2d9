<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;

/** One line of an uncertainty budget. */
final readonly class UncertaintyComponent
{
    /** @throws ToolException when the value is below 0, or divisor or degrees of freedom are not above it */
    private function __construct(
        public string $name,
        private float $value,
        private float $divisor,
        public float $sensitivity,
        public float $freedom,
    ) {
        $bounds = new Bounds(ToolException::class);
        $bounds->from0("the uncertainty $name", $value);
        $bounds->above0("the divisor of $name", $divisor);
        $bounds->finite("the sensitivity of $name", $sensitivity);
        is_infinite($freedom) && $freedom > 0 ? null : $bounds->above0("the degrees of freedom of $name", $freedom);
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
