<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\Written;

/**
 * A stretch of a scale in which a typed value looks like a slip, and is asked about before it becomes a reading. A value
 * inside its window is never asked about; an honest short or over pull lies near it, and is not either.
 */
final readonly class Doubt
{
    /** A wrong unit or a lost decimal mark: factor and sentence, by what is measured. Exact to four digits; 8.851 and 1.356 as NIST SP 811 has them, rounded. */
    private const FACTORS = [
        'torque' => ['12' => 'lbf·in and lbf·ft differ by 12', '10' => 'a decimal mark is a factor of 10', '1.356' => 'N·m and lbf·ft differ by 1.356', '8.851' => 'lbf·in and N·m differ by 8.851'],
        'angle' => ['10' => 'a decimal mark is a factor of 10'],
        'length' => ['10' => 'a decimal mark is a factor of 10', '25.4' => 'mm and in differ by 25.4'],
    ];

    private const DECIMALS = 9;

    /**
     * @param  string|null  $from  null: from the least there is
     * @param  string|null  $times  what a value has to be multiplied by to be the likely one
     * @param  string|null  $over  what it has to be divided by
     * @param  bool  $beyond  are its ends themselves no slip?
     */
    private function __construct(public ?string $from, public ?string $to, public string $says, public ?string $times = null, public ?string $over = null, public bool $beyond = false)
    {
    }

    /** @return list<self> */
    public static function all(RackTool $tool, ?Window $window): array
    {
        $unit = $tool->tool->resolution->unit;
        $range = $tool->tool->range;
        $beyond = sprintf('%s is for %s', $tool->tool->code, $range->typeset());

        return [
            ...($window === null || $window->kind() !== $unit->kind() ? [] : self::slips($window, $unit)),
            new self('0', '0', 'it is nothing at all'),
            new self(null, self::in($range->lowest, $unit), $beyond, beyond: true),
            new self(self::in($range->highest, $unit), null, $beyond, beyond: true),
        ];
    }

    /** A value as a plain decimal in another unit of its kind. */
    public static function in(Written $value, Unit $unit): string
    {
        return (string) self::decimal($value, $unit)->stripTrailingZeros();
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return array_filter(['from' => $this->from, 'to' => $this->to, 'says' => $this->says, 'times' => $this->times, 'over' => $this->over, 'beyond' => $this->beyond], fn (mixed $v): bool => $v !== null && $v !== false);
    }

    /** @return list<self> */
    private static function slips(Window $window, Unit $unit): array
    {
        if (! $window->isTwoSided()) {
            return [];
        }
        [$low, $high] = array_map(fn (Written $w): BigDecimal => self::decimal($w, $unit), $window->bothLimits());
        $slips = [];
        foreach (self::FACTORS[$unit->kind()->value] as $factor => $says) {
            $factor = (string) $factor;
            $slips[] = new self((string) $low->multipliedBy($factor)->stripTrailingZeros(), (string) $high->multipliedBy($factor)->stripTrailingZeros(), $says, over: $factor);
            $slips[] = new self(self::part($low, $factor), self::part($high, $factor), $says, times: $factor);
        }

        return $slips;
    }

    private static function part(BigDecimal $of, string $factor): string
    {
        return (string) $of->dividedBy($factor, self::DECIMALS, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    private static function decimal(Written $value, Unit $unit): BigDecimal
    {
        return $value->quantity()->inBase()->dividedBy($unit->factor(), self::DECIMALS, RoundingMode::HALF_UP);
    }
}
