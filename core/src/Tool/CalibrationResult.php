<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Summary;

/** A calibration judged: every single reading of every point against the permissible deviation. */
final readonly class CalibrationResult
{
    public float $permissible;

    public float $expanded;

    private BigDecimal $limit;

    /**
     * @param  list<CalibrationPoint>  $points  at least one
     * @param  BigDecimal|float|string  $permissible  maximum permissible relative deviation, %, above 0
     * @param  BigDecimal|float|string  $expanded  expanded uncertainty of the calibration, %, k = 2, at least 0
     * @param  BigDecimal|float|string|null  $largest  torque of the tool, in the unit of the points; null: not looked at
     *
     * @throws ToolException when there is no point or one above the largest, a number is out of its range, or the limits drawn in leave nothing
     */
    public function __construct(
        public array $points,
        BigDecimal|float|string $permissible,
        BigDecimal|float|string $expanded = '0',
        public DecisionRule $rule = DecisionRule::Simple,
        BigDecimal|float|string|null $largest = null,
    ) {
        $bounds = new Bounds(ToolException::class);
        [$exact, $uncertainty] = [CalibrationPoint::decimal($permissible), CalibrationPoint::decimal($expanded)];
        [$this->permissible, $this->expanded] = [$exact->toFloat(), $uncertainty->toFloat()];
        $bounds->some('the points of a calibration', $points);
        $bounds->above0('the permissible deviation in %', $this->permissible);
        $bounds->from0('the expanded uncertainty in %', $this->expanded);
        foreach ($points as $point) {
            if ($largest !== null && $point->isAbove($largest)) {
                throw new ToolException(sprintf('The point %g lies above the largest torque of the tool, %g; it says nothing of the tool.', $point->shown, CalibrationPoint::decimal($largest)->toFloat()), 'point', sprintf('%g', $point->shown), sprintf('at most %g', CalibrationPoint::decimal($largest)->toFloat()));
            }
        }
        $this->limit = $exact->minus($rule->guardExactly($uncertainty));
        if ($this->limit->isNegative()) {
            throw new ToolException(sprintf('An uncertainty of %g %% leaves nothing of ±%g %%; a better reference is wanted.', $this->expanded, $this->permissible), 'expanded uncertainty', sprintf('%g %%', $this->expanded), sprintf('less than %g %%', $this->permissible));
        }
    }

    public function conforms(): bool
    {
        return $this->faults() === [];
    }

    /** @return list<string> a sentence for each point at which a reading does not conform */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->points as $point) {
            $worst = $point->deviations()[0];
            foreach ($point->deviations() as $deviation) {
                $worst = abs($deviation) > abs($worst) ? $deviation : $worst;
            }
            if (! $point->conforms($this->limit)) {
                $faults[] = sprintf('At %g one reading deviates by %+.2f %%; ±%.2f %% is permissible, by %s.', $point->shown, $worst, $this->limit->toFloat(), $this->rule->words());
            }
        }

        return $faults;
    }

    /** Largest relative standard deviation of the readings at a point, %. */
    public function repeatability(): float
    {
        return max(0.0, ...array_map(fn (CalibrationPoint $p): float => count($p->reference) < 2 ? 0.0 : 100 * (new Summary($p->reference))->sd() / (new Summary($p->reference))->mean, $this->points));
    }

    /** Relative measurement uncertainty interval W′ = |mean aₛ| + W + |b_ep|, % (ISO 6789-2:2017, from memory). */
    public static function uncertaintyInterval(CalibrationPoint $point, float $expanded, float $interfaceError): float
    {
        return abs($point->meanDeviation()) + $expanded + abs($interfaceError);
    }
}
