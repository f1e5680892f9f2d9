<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Summary;

/**
 * One point of a calibration: what the tool showed or was set to, and what the reference read, time after time. Values are
 * decimals as they were read, so that a limit is a limit: what deviates by exactly as much as is permissible conforms.
 */
final readonly class CalibrationPoint
{
    private BigDecimal $shownExactly;

    /** @var non-empty-list<BigDecimal> */
    private array $referenceExactly;

    public float $shown;

    /** @var non-empty-list<float> */
    public array $reference;

    /**
     * @param  BigDecimal|float|string  $shown  set or indicated, Xa, above 0
     * @param  list<BigDecimal|float|string>  $reference  reference readings, Xr, in the same unit, above 0, at least one
     *
     * @throws ToolException when a value is not above 0, or there is no reading
     */
    public function __construct(BigDecimal|float|string $shown, array $reference)
    {
        $bounds = new Bounds(ToolException::class);
        $bounds->some('the reference readings', $reference);
        $this->shownExactly = self::exactly($shown, $bounds);
        $this->shown = $this->shownExactly->toFloat();
        $exact = $floats = [];
        foreach ($reference as $value) {
            $exact[] = self::exactly($value, $bounds);
            $floats[] = $exact[count($exact) - 1]->toFloat();
        }
        assert($exact !== []);
        [$this->referenceExactly, $this->reference] = [$exact, $floats];
    }

    /**
     * The points at which a tool is calibrated, by the largest torque of its scale: 20, 60 and 100 % of it; where the least
     * value of the scale is stated, that instead of the first (ISO 6789-1:2017 and 6789-2:2017, from memory).
     *
     * @return array{BigDecimal, BigDecimal, BigDecimal}
     *
     * @throws ToolException unless the largest torque is above 0 and the scale begins below it
     */
    public static function wanted(BigDecimal|float|string $largest, BigDecimal|float|string|null $least = null): array
    {
        $bounds = new Bounds(ToolException::class);
        $top = self::exactly($largest, $bounds);
        $begins = $least === null ? $top->multipliedBy('0.2') : self::exactly($least, $bounds);
        $bounds->inOrder('the ends of the scale', $begins->toFloat(), $top->toFloat());

        return [$begins, $top->multipliedBy('0.6'), $top];
    }

    /**
     * Relative deviation in %: aₛ = (Xa − Xr)/Xr (ISO 6789-1:2017) – by the reference, not by what was set.
     *
     * @throws ToolException unless both are above 0
     */
    public static function deviation(float $shown, float $reference): float
    {
        (new Bounds(ToolException::class))->above0('a value of a calibration', $shown, $reference);

        return 100 * ($shown - $reference) / $reference;
    }

    /** @return non-empty-list<float> one per reading, % */
    public function deviations(): array
    {
        return array_map(fn (float $r): float => self::deviation($this->shown, $r), $this->reference);
    }

    public function meanDeviation(): float
    {
        return (new Summary($this->deviations()))->mean;
    }

    /** Every single reading must conform, not the mean: 100 |Xa − Xr| ≤ p Xr, in exact decimals. */
    public function conforms(BigDecimal|float|string $permissible): bool
    {
        $limit = self::decimal($permissible);
        foreach ($this->referenceExactly as $reference) {
            if ($this->shownExactly->minus($reference)->abs()->multipliedBy(100)->isGreaterThan($limit->multipliedBy($reference))) {
                return false;
            }
        }

        return true;
    }

    public function isAbove(BigDecimal|float|string $largest): bool
    {
        return $this->shownExactly->isGreaterThan(self::decimal($largest));
    }

    /**
     * The reference readings between which the tool conforms.
     *
     * @return array{float, float}
     *
     * @throws ToolException unless $shown is above 0 and $permissible lies from 0 to below 100 %
     */
    public static function referenceLimits(float $shown, float $permissible): array
    {
        $bounds = new Bounds(ToolException::class);
        $bounds->above0('what is shown', $shown);
        $bounds->between('the permissible deviation', $permissible, 0.0, 99.9, '%');

        return [$shown / (1 + $permissible / 100), $shown / (1 - $permissible / 100)];
    }

    /** @internal what a float says when it is written, "10.4" and no tail; more than twelve decimals no scale has */
    public static function decimal(BigDecimal|float|string $value): BigDecimal
    {
        if (is_float($value)) {
            (new Bounds(ToolException::class))->finite('a value of a calibration', $value);
        }

        return $value instanceof BigDecimal ? $value : BigDecimal::of(is_float($value) ? self::written($value) : $value);
    }

    private static function written(float $value): string
    {
        return (string) BigDecimal::of((string) $value)->toScale(12, RoundingMode::HALF_UP)->stripTrailingZeros();
    }

    private static function exactly(BigDecimal|float|string $value, Bounds $bounds): BigDecimal
    {
        $exact = self::decimal($value);
        $bounds->above0('a value of a calibration', $exact->toFloat());

        return $exact;
    }
}
