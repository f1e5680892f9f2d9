<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use InvalidArgumentException;

/**
 * A value as a document printed it or a person gave it: its digits and its unit, kept to the last zero.
 * Digits are a decimal ("9.80") or a fraction ("1/8", "1 1/2"); the decimal mark is always a point.
 */
final readonly class Written
{
    private const DIGITS = '/^(?:\d{1,12}(?:\.\d{1,12})?|(?:\d{1,6} )?\d{1,6}\/\d{1,6})$/D';

    private function __construct(
        public string $digits,
        public Unit $unit,
        private BigDecimal $amount,
    ) {
    }

    /** @throws InvalidArgumentException when $digits is neither a plain decimal nor a fraction, or has no finite decimal */
    public static function of(string $digits, Unit $unit): self
    {
        if (preg_match(self::DIGITS, $digits) !== 1) {
            throw new InvalidArgumentException(sprintf('"%s" is not a plain number.', mb_substr($digits, 0, 40)));
        }
        try {
            return new self($digits, $unit, self::amountOf($digits));
        } catch (MathException) {
            throw new InvalidArgumentException(sprintf('%s has no finite decimal; write it in another unit.', $digits));
        }
    }

    /** @throws InvalidArgumentException as of() and UnitNames::fromCode() */
    public static function fromCode(string $digits, string $unitCode): self
    {
        return self::of($digits, UnitNames::fromCode($unitCode));
    }

    /** The value in its own unit as a plain decimal string: "0.125" for 1/8 turn, "9.80" for 9.80 N·m. */
    public function decimal(): string
    {
        return (string) $this->amount;
    }

    public function quantity(): Quantity
    {
        return $this->unit->quantity($this->amount);
    }

    /** @throws InvalidArgumentException when $other measures something else, or the sum has more than 12 decimals in this unit */
    public function plus(self $other): self
    {
        if ($other->unit->kind() !== $this->unit->kind()) {
            throw new InvalidArgumentException(sprintf('%s and %s measure different things.', $this->typeset(), $other->typeset()));
        }

        return self::of((string) $this->amount->plus($other->in($this->unit)), $this->unit);
    }

    /**
     * The difference in this value's unit; null when $other is the larger one.
     *
     * @throws InvalidArgumentException when $other measures something else
     */
    public function minus(self $other): ?self
    {
        if ($other->unit->kind() !== $this->unit->kind()) {
            throw new InvalidArgumentException(sprintf('%s and %s measure different things.', $this->typeset(), $other->typeset()));
        }
        $difference = $this->amount->minus($other->in($this->unit));

        return $difference->isNegative() ? null : self::of((string) $difference, $this->unit);
    }

    /** The same value in the base unit of its kind, exact. */
    public function inBaseUnit(): self
    {
        return $this->unit === $this->unit->kind()->baseUnit()
            ? $this
            : self::of((string) $this->quantity()->inBase()->stripTrailingZeros(), $this->unit->kind()->baseUnit());
    }

    public function isGreaterThan(self $other): bool
    {
        return $this->quantity()->inBase()->isGreaterThan($other->quantity()->inBase());
    }

    /**
     * An angle as a paint line shows it: 380° points where 20° does.
     *
     * @throws InvalidArgumentException when this is no angle
     */
    public function withoutWholeTurns(): self
    {
        if ($this->unit->kind() !== Kind::Angle) {
            throw new InvalidArgumentException(sprintf('%s is no angle.', $this->typeset()));
        }

        return self::of((string) $this->quantity()->inBase()->remainder(360)->stripTrailingZeros(), AngleUnit::Degree);
    }

    private function in(Unit $unit): BigDecimal
    {
        return $this->unit === $unit
            ? $this->amount
            : $this->quantity()->inBase()->dividedBy($unit->factor(), 12, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    /** "15 lbf·ft", "80°", "1/8 turn": the digits that were written, a space that does not break, the unit. */
    public function typeset(): string
    {
        $space = $this->unit === AngleUnit::Degree ? '' : "\u{00A0}";

        return $this->digits.$space.$this->unit->symbol();
    }

    /** @return array{value: string, unit: string} */
    public function toArray(): array
    {
        return ['value' => $this->digits, 'unit' => $this->unit->code()];
    }

    /** @throws MathException when the fraction has a zero below the line or no finite decimal */
    private static function amountOf(string $digits): BigDecimal
    {
        if (! str_contains($digits, '/')) {
            return BigDecimal::of($digits);
        }
        $parts = explode(' ', $digits);
        $sum = BigRational::zero();
        foreach ($parts as $part) {
            $sum = $sum->plus(BigRational::of($part));
        }

        return $sum->toBigDecimal();
    }
}
