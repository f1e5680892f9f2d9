<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** How long a tool may go until its next calibration, by how its points drift. Somebody decides; this says what speaks for it. */
final readonly class IntervalProposal
{
    /** Months between which one chooses (common practice, no source). */
    private const STEPS = [1, 2, 3, 4, 6, 9, 12, 18, 24];

    private function __construct(public int $months, public ?Day $meets, public ?string $point)
    {
    }

    /**
     * The longest of the usual intervals that ends before the band of any point meets the limit; never more than the next
     * longer one than it has now.
     *
     * @param  array<array-key, Drift>  $drifts  by point
     */
    public static function of(array $drifts, float $limit, Day $calibrated, int $now): self
    {
        [$first, $point] = [null, null];
        foreach ($drifts as $at => $drift) {
            $meets = $drift->meets($limit, from: $calibrated);
            if ($meets !== null && ($first === null || $first->isAfter($meets))) {
                [$first, $point] = [$meets, (string) $at];
            }
        }
        $longest = array_values(array_filter(self::STEPS, fn (int $s): bool => $s > $now))[0] ?? $now;
        $fit = array_filter([...self::STEPS, $now], fn (int $s): bool => $s <= $longest && ($first === null || $first->isAfter($calibrated->due($s))));

        return new self($fit === [] ? self::STEPS[0] : max($fit), $first, $point);
    }
}
