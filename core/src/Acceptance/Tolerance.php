<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** How far a result may lie from its target to either side: a share ("4 %") or an amount ("5°"), with or without "±". */
final readonly class Tolerance
{
    private function __construct(private ?BigDecimal $percent, private ?Written $amount)
    {
    }

    /** @throws AcceptanceException unless $text is a share of 0 to 100 % or an amount of $kind */
    public static function printed(string $text, Kind $kind): self
    {
        $bare = trim(preg_replace('/^\s*(±|\+\/-)\s*/u', '', $text) ?? '');
        if (preg_match('/^(\d{1,3}(?:\.\d{1,3})?)\s*%$/D', $bare, $m) === 1 && BigDecimal::of($m[1])->isLessThanOrEqualTo(100)) {
            return new self(BigDecimal::of($m[1]), null);
        }
        $parsed = QuantityParser::parse($bare, $kind);
        if (! $parsed instanceof Understood) {
            throw new AcceptanceException(sprintf('"%s" is no tolerance: write a share such as 4 %% or an amount such as %s.', Letters::first($text, 40), $kind === Kind::Angle ? '5°' : '2 '.$kind->baseUnit()->symbol()), 'tolerance', $text, 'a share or an amount');
        }

        return new self(null, $parsed->value);
    }

    /**
     * The window around a target, in the target's unit: exact for a share and for an amount in the same unit, else to
     * 12 decimals. Nothing lies below zero.
     */
    public function around(Written $target): Window
    {
        $aim = BigDecimal::of($target->decimal());
        $half = $this->percent !== null
            ? $aim->multipliedBy($this->percent)->exactlyDividedBy(100)
            : $this->in($target);
        $low = $aim->minus($half);

        return new Window(self::written($low->isNegative() ? BigDecimal::zero() : $low, $target), self::written($aim->plus($half), $target));
    }

    private function in(Written $target): BigDecimal
    {
        return match (true) {
            $this->amount === null => BigDecimal::zero(),
            $this->amount->unit === $target->unit => BigDecimal::of($this->amount->decimal()),
            default => $this->amount->quantity()->inBase()->dividedBy($target->unit->factor(), 12, RoundingMode::HALF_UP),
        };
    }

    private static function written(BigDecimal $amount, Written $like): Written
    {
        return Written::of((string) $amount->stripTrailingZeros(), $like->unit);
    }
}
