<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\Exception\RoundingNecessaryException;
use Brick\Math\RoundingMode;

/**
 * A value as a document printed it or a person gave it: its digits and its unit, kept to the last zero.
 * Digits are a decimal ("9.80") or a fraction ("1/8", "1 1/2"); the decimal mark is always a point.
 */
final readonly class Written
{
    private const DIGITS = '/^(?:\d{1,12}(?:\.\d{1,12})?|(?:\d{1,6} )?\d{1,6}\/\d{1,6})$/D';

    /** Of a share of a value: finer than any scale reads. */
    private const SHARE_DECIMALS = 3;

    /** As many as a value may be written with. */
    private const DECIMALS = 12;

    private function __construct(
        public string $digits,
        public Unit $unit,
        private BigDecimal $amount,
    ) {
    }

    /** @throws UnitException when $digits is neither a plain decimal nor a fraction, or has no finite decimal */
    public static function of(string $digits, Unit $unit): self
    {
        if (preg_match(self::DIGITS, $digits) !== 1) {
            throw new UnitException(sprintf('"%s" is not a plain number.', Letters::first($digits, 40)), 'number', $digits, 'a decimal or a fraction');
        }
        try {
            return new self($digits, $unit, self::amountOf($digits));
        } catch (MathException) {
            throw new UnitException(sprintf('%s has no finite decimal; write it in another unit.', $digits), 'number', $digits, 'a number with a finite decimal');
        }
    }

    /** @throws UnitException as of() and UnitNames::fromCode() */
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

    /**
     * The sum in this value's unit.
     *
     * @param  RoundingMode  $rounding  of the other one to 12 decimals in this unit, should it have no finite decimal there
     *
     * @throws UnitException when $other measures something else, or would have to be rounded and nothing says how
     */
    public function plus(self $other, RoundingMode $rounding = RoundingMode::UNNECESSARY): self
    {
        return self::of((string) $this->amount->plus($this->likewise($other)->in($this->unit, $rounding)), $this->unit);
    }

    /**
     * The difference in this value's unit; null when $other is the larger one.
     *
     * @param  RoundingMode  $rounding  as for a sum
     *
     * @throws UnitException as for a sum
     */
    public function minus(self $other, RoundingMode $rounding = RoundingMode::UNNECESSARY): ?self
    {
        $difference = $this->amount->minus($this->likewise($other)->in($this->unit, $rounding));

        return $difference->isNegative() ? null : self::of((string) $difference, $this->unit);
    }

    /**
     * This value times part over whole, in its own unit, to three decimals.
     *
     * @throws UnitException when $part and $whole measure different things, or the whole is zero
     */
    public function shared(self $part, self $whole, RoundingMode $rounding = RoundingMode::HALF_UP): self
    {
        $of = $whole->likewise($part)->quantity()->inBase();
        $all = $whole->quantity()->inBase();
        if ($all->isZero()) {
            throw new UnitException('Nothing is a share of zero.', 'whole', $whole->typeset(), 'a value above zero');
        }

        return self::of((string) BigRational::of($this->amount)->multipliedBy($of)->dividedBy($all)->toScale(self::SHARE_DECIMALS, $rounding), $this->unit);
    }

    /** The same value in the base unit of its kind, exact. */
    public function inBaseUnit(): self
    {
        return $this->unit === $this->unit->kind()->baseUnit()
            ? $this
            : self::of((string) $this->quantity()->inBase()->stripTrailingZeros(), $this->unit->kind()->baseUnit());
    }

    /** @throws UnitException when $other measures something else */
    public function isGreaterThan(self $other): bool
    {
        return $this->quantity()->inBase()->isGreaterThan($this->likewise($other)->quantity()->inBase());
    }

    /**
     * An angle as a paint line shows it: 380° points where 20° does.
     *
     * @throws UnitException when this is no angle
     */
    public function withoutWholeTurns(): self
    {
        if ($this->unit->kind() !== Kind::Angle) {
            throw new UnitException(sprintf('%s is no angle.', $this->typeset()), 'quantity', $this->typeset(), 'an angle');
        }

        return self::of((string) $this->quantity()->inBase()->remainder(360)->stripTrailingZeros(), AngleUnit::Degree);
    }

    private function in(Unit $unit, RoundingMode $rounding): BigDecimal
    {
        if ($this->unit === $unit) {
            return $this->amount;
        }
        try {
            return $this->quantity()->inBase()->dividedBy($unit->factor(), self::DECIMALS, $rounding)->stripTrailingZeros();
        } catch (RoundingNecessaryException) {
            throw new UnitException(sprintf('%s has no finite decimal in %s; say how to round it.', $this->typeset(), $unit->symbol()), 'rounding', $this->typeset(), sprintf('%d decimals', self::DECIMALS));
        }
    }

    /** @throws UnitException when $other measures something else */
    private function likewise(self $other): self
    {
        return $other->unit->kind() === $this->unit->kind()
            ? $other
            : throw new UnitException(sprintf('%s and %s measure different things.', $this->typeset(), $other->typeset()), 'quantity', $other->typeset(), $this->unit->kind()->value);
    }

    /** "15 lbf·ft", "80°", "1/8 turn": the digits that were written, a space that does not break, the unit. */
    public function typeset(): string
    {
        $space = $this->unit === AngleUnit::Degree ? '' : "\u{00A0}";

        return $this->digits.$space.$this->unit->symbol();
    }

    /** "15 lbf.ft": as plans and events write it. */
    public function code(): string
    {
        return $this->digits.' '.$this->unit->code();
    }

    /**
     * What code() wrote.
     *
     * @throws UnitException when it is no value with its unit's code
     */
    public static function coded(string $code): self
    {
        $space = (int) strrpos($code, ' ');

        return self::fromCode(substr($code, 0, $space), substr($code, $space + 1));
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
