<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Statistics\Summary;

/** One point of a calibration: what the tool showed or was set to, and what the reference read, time after time. */
final readonly class CalibrationPoint
{
    /**
     * @param  float  $shown  set or indicated, Xa
     * @param  non-empty-list<float>  $reference  reference readings, Xr, in the same unit
     */
    public function __construct(public float $shown, public array $reference)
    {
    }

    /** Relative deviation in %: aₛ = (Xa − Xr)/Xr (ISO 6789-1:2017) – by the reference, not by what was set. */
    public static function deviation(float $shown, float $reference): float
    {
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

    /** Every single reading must conform, not the mean. */
    public function conforms(float $permissible): bool
    {
        return max(array_map(abs(...), $this->deviations())) <= $permissible;
    }

    /**
     * The reference readings between which the tool conforms.
     *
     * @return array{float, float}
     */
    public static function referenceLimits(float $shown, float $permissible): array
    {
        return [$shown / (1 + $permissible / 100), $shown / (1 - $permissible / 100)];
    }
}
