<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\Summary;

/** A calibration judged: every single reading of every point against the permissible deviation. */
final readonly class CalibrationResult
{
    /**
     * @param  non-empty-list<CalibrationPoint>  $points
     * @param  float  $permissible  maximum permissible relative deviation, %
     * @param  float  $expanded  expanded uncertainty of the calibration, %, k = 2
     *
     * @throws ToolException when the limits drawn in leave nothing
     */
    public function __construct(
        public array $points,
        public float $permissible,
        public float $expanded = 0.0,
        public DecisionRule $rule = DecisionRule::Simple,
    ) {
        if ($rule->acceptance(new Interval(-$permissible, $permissible), $expanded) === null) {
            throw new ToolException(sprintf('An uncertainty of %g %% leaves nothing of ±%g %%; a better reference is wanted.', $expanded, $permissible), 'expanded uncertainty', sprintf('%g %%', $expanded), sprintf('less than %g %%', $permissible));
        }
    }

    public function conforms(): bool
    {
        return $this->faults() === [];
    }

    /** @return list<string> a sentence for each point at which a reading does not conform */
    public function faults(): array
    {
        $limit = $this->permissible - $this->rule->guard($this->expanded);
        $faults = [];
        foreach ($this->points as $point) {
            $worst = $point->deviations()[0];
            foreach ($point->deviations() as $deviation) {
                $worst = abs($deviation) > abs($worst) ? $deviation : $worst;
            }
            if (! $point->conforms($limit)) {
                $faults[] = sprintf('At %g one reading deviates by %+.2f %%; ±%.2f %% is permissible, by %s.', $point->shown, $worst, $limit, $this->rule->words());
            }
        }

        return $faults;
    }

    /** Largest relative standard deviation of the readings at a point, %. */
    public function repeatability(): float
    {
        return max(array_map(fn (CalibrationPoint $p): float => count($p->reference) < 2 ? 0.0 : 100 * (new Summary($p->reference))->sd() / (new Summary($p->reference))->mean, $this->points));
    }

    /** Relative measurement uncertainty interval W′ = |mean aₛ| + W + |b_ep|, % (ISO 6789-2:2017, from memory). */
    public static function uncertaintyInterval(CalibrationPoint $point, float $expanded, float $interfaceError): float
    {
        return abs($point->meanDeviation()) + $expanded + abs($interfaceError);
    }
}
