<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/** The largest deviation that a tool may have to either side: a share of the reading in %, or an amount in its own unit. */
final readonly class Permissible
{
    private const MOST_PERCENT = 50.0;

    private function __construct(public ?BigDecimal $percent, public ?Written $amount)
    {
    }

    /** @throws ToolException unless it lies above 0 and at most at 50 % */
    public static function percent(string $percent): self
    {
        try {
            $value = BigDecimal::of($percent);
        } catch (MathException) {
            throw new ToolException(sprintf('The permissible deviation "%s" is no number.', $percent), 'permissible deviation', $percent, 'a number of %');
        }
        $bounds = new Bounds(ToolException::class);
        $bounds->above0('the permissible deviation in %', $value->toFloat());
        $bounds->between('the permissible deviation', $value->toFloat(), 0.0, self::MOST_PERCENT, '%');

        return new self($value, null);
    }

    /** @throws ToolException unless it is above 0 */
    public static function amount(Written $amount): self
    {
        (new Bounds(ToolException::class))->above0('the permissible deviation', (float) $amount->decimal());

        return new self(null, $amount);
    }

    /**
     * "4 %" or "0.01 mm".
     *
     * @throws ToolException|UnitException when it is neither
     */
    public static function of(string $code): self
    {
        return str_ends_with($code, '%') ? self::percent(trim(substr($code, 0, -1))) : self::amount(Written::coded($code));
    }

    public function code(): string
    {
        return $this->percent === null ? (string) $this->amount?->code() : $this->percent.' %';
    }

    public function typeset(): string
    {
        return '±'.($this->percent === null ? (string) $this->amount?->typeset() : $this->percent."\u{00A0}%");
    }

    /** In %, or in the unit of the amount. */
    public function value(): BigDecimal
    {
        return $this->percent ?? BigDecimal::of($this->amount?->decimal() ?? '0');
    }
}
