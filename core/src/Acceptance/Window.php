<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Quantity;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/**
 * The limits between which a result must lie, as their source prints them; one of the two may be missing. Limits belong
 * to the window, and a reading is compared unrounded: "just under" is low (simple acceptance for production readings).
 */
final readonly class Window
{
    /** @throws AcceptanceException when there is no limit, the limits differ in kind or the lower lies above the upper */
    public function __construct(public ?Written $low, public ?Written $high)
    {
        if ($low === null && $high === null) {
            throw new AcceptanceException('A window has at least one limit.', 'window', '', 'at least one limit');
        }
        if ($low === null || $high === null) {
            return;
        }
        if ($low->unit->kind() !== $high->unit->kind()) {
            throw new AcceptanceException(sprintf('The limits %s and %s measure different things.', $low->typeset(), $high->typeset()), 'limits', $low->typeset().', '.$high->typeset(), 'two values of one kind');
        }
        if ($low->quantity()->inBase()->isGreaterThan($high->quantity()->inBase())) {
            throw new AcceptanceException(sprintf('The lower limit %s lies above the upper limit %s.', $low->typeset(), $high->typeset()), 'lower limit', $low->typeset(), $high->typeset());
        }
    }

    public function kind(): Kind
    {
        return $this->aLimit()->unit->kind();
    }

    /**
     * @return array{Written, Written} the lower and the upper
     *
     * @throws AcceptanceException when one of them is missing
     */
    public function bothLimits(): array
    {
        return $this->low !== null && $this->high !== null
            ? [$this->low, $this->high]
            : throw new AcceptanceException(sprintf('A window with two limits is wanted; this one is %s.', $this->typeset()), 'window', $this->typeset(), 'two limits');
    }

    public function isTwoSided(): bool
    {
        return $this->low !== null && $this->high !== null;
    }

    /** @throws AcceptanceException when $reading measures something else than the window */
    public function judge(Quantity $reading): Verdict
    {
        if ($reading->kind() !== $this->kind()) {
            throw new AcceptanceException(sprintf('A reading of %s cannot be judged by a window of %s.', $reading->kind()->value, $this->kind()->value), 'reading', $reading->kind()->value, $this->kind()->value);
        }
        $value = $reading->inBase();

        return match (true) {
            $this->low !== null && $value->isLessThan($this->low->quantity()->inBase()) => Verdict::Low,
            $this->high !== null && $value->isGreaterThan($this->high->quantity()->inBase()) => Verdict::High,
            default => Verdict::In,
        };
    }

    /** Both limits raised by what a locking thread takes up: prevailing torque, measured and added per position. */
    public function raisedBy(Written $added): self
    {
        return new self($this->low?->plus($added, RoundingMode::HALF_UP), $this->high?->plus($added, RoundingMode::HALF_UP));
    }

    /**
     * Both limits as a part to a whole, rounded inward to three decimals: what a wrench is set to on a longer lever.
     *
     * @throws UnitException when $part and $whole measure different things
     */
    public function shared(Written $part, Written $whole): self
    {
        return new self($this->low?->shared($part, $whole, RoundingMode::CEILING), $this->high?->shared($part, $whole, RoundingMode::FLOOR));
    }

    /**
     * The limits in another unit for display, rounded inward so that whoever keeps to the display keeps to the window.
     * For 62–68 lbf·ft in whole N·m that is 85–92, never 84. A missing limit is an empty text.
     *
     * @return array{low: string, high: string}|null null when no value of that many decimals lies inside
     */
    public function displayedIn(Unit $unit, int $decimals): ?array
    {
        $low = $this->in($this->low, $unit, $decimals, RoundingMode::CEILING);
        $high = $this->in($this->high, $unit, $decimals, RoundingMode::FLOOR);

        return $low !== null && $high !== null && $low->isGreaterThan($high) ? null : ['low' => (string) $low, 'high' => (string) $high];
    }

    /** "30–34 N·m", "at least 30 N·m": as printed, the unit once when both limits share it. */
    public function typeset(): string
    {
        return match (true) {
            $this->low === null => 'at most '.$this->aLimit()->typeset(),
            $this->high === null => 'at least '.$this->low->typeset(),
            $this->low->unit === $this->high->unit => $this->low->digits.'–'.$this->high->typeset(),
            default => $this->low->typeset().' – '.$this->high->typeset(),
        };
    }

    private function aLimit(): Written
    {
        return $this->low ?? $this->high ?? throw new AcceptanceException('A window has at least one limit.', 'window', '', 'at least one limit');
    }

    private function in(?Written $limit, Unit $unit, int $decimals, RoundingMode $rounding): ?BigDecimal
    {
        return $limit?->quantity()->inBase()->dividedBy($unit->factor(), $decimals, $rounding);
    }
}
