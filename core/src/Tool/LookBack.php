<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Written;

/**
 * What results were worth that a tool gave which was later found to deviate. By share the true value is what it showed, or
 * was set to, divided by 1 + aₛ; by amount it is what it showed less its deviation. Between the points of the calibration
 * deviation and uncertainty are interpolated, beyond them the nearest point holds.
 */
final readonly class LookBack
{
    /** @var non-empty-list<array{float, float, float}> shown value, deviation and expanded uncertainty, in order; values in the base unit, by share in % */
    private array $points;

    /**
     * @param  list<array{float, float, float}>  $points
     *
     * @throws ToolException when there is no point, two share a shown value, or an uncertainty is below 0
     */
    private function __construct(array $points, private bool $byShare)
    {
        $bounds = new Bounds(ToolException::class);
        $bounds->some('the points of a calibration', $points);
        $bounds->from0('the expanded uncertainty', ...array_column($points, 2));
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count(array_unique(array_column($points, 0), SORT_REGULAR)) !== count($points)) {
            throw new ToolException('Two points of the calibration have the same shown value; of which is the deviation?', 'points', '', 'each shown value once');
        }
        assert($points !== []);
        $this->points = $points;
    }

    /**
     * @param  list<CalibrationPoint>  $points  of one direction, shown values in N·m or the like; at least one
     * @param  float  $expanded  expanded uncertainty of the calibration, %, at least 0: nearer to a limit than this is in doubt
     *
     * @throws ToolException as above
     */
    public static function ofPoints(array $points, float $expanded): self
    {
        return new self(array_map(fn (CalibrationPoint $p): array => [$p->shown, $p->meanDeviation(), $expanded], $points), true);
    }

    /**
     * By what was read of the tool, at each of its points with the uncertainty there; in the direction in which it is pulled.
     *
     * @param  float  $standardOff  by how much the standard itself was wrong, shown less true, % of the true value; it adds to what was found
     *
     * @throws ToolException when nothing was read, or a standard of amounts would be off by a share
     */
    public static function ofPass(PassFinding $pass, CalibrationTerms $terms, float $standardOff = 0.0, string $direction = PointReadings::CLOCKWISE): self
    {
        if ($standardOff !== 0.0 && ! $terms->isRelative()) {
            throw new ToolException('How far a standard was off in % says nothing of an instrument that deviates by an amount.', 'deviation', sprintf('%g %%', $standardOff), 'none');
        }
        $unit = $terms->isRelative() ? 1.0 : $terms->resolution->unit->factor()->toFloat();

        return new self(array_map(fn (PointFinding $p): array => [$p->read->nominal->quantity()->inBase()->toFloat(), ($p->mean + $standardOff) * $unit, $p->expanded * $unit], $pass->in($direction)), $terms->isRelative());
    }

    /**
     * Deviation at a shown value: %, or in the base unit.
     *
     * @throws ToolException unless it is above 0, where it counts by share
     */
    public function deviation(float $shown): float
    {
        return $this->at($shown)[0];
    }

    public function trueValue(float $shown): float
    {
        return $this->byShare ? $shown / (1 + $this->deviation($shown) / 100) : $shown - $this->deviation($shown);
    }

    /** How far the true value may lie to either side of what trueValue() says, in its unit. */
    public function doubt(float $shown): float
    {
        $expanded = $this->at($shown)[1];

        return $this->byShare ? abs($this->trueValue($shown)) * $expanded / 100 : $expanded;
    }

    /**
     * Judges a result again. Attested results are judged from their setting.
     *
     * @throws ToolException when reading and window measure different things
     */
    public function judge(Written $shown, Window $window): LookBackVerdict
    {
        if ($shown->unit->kind() !== $window->kind()) {
            throw new ToolException(sprintf('%s cannot be held against %s.', $shown->typeset(), $window->typeset()), 'value', $shown->typeset(), $window->kind()->value);
        }
        $at = $shown->quantity()->inBase()->toFloat();

        return LookBackVerdict::of($this->trueValue($at), $this->doubt($at), $window->low?->quantity()->inBase()->toFloat(), $window->high?->quantity()->inBase()->toFloat());
    }

    /**
     * Since when results are in doubt: since the last check that could have seen such a deviation and saw none.
     *
     * @param  list<array{Day, float, bool}>  $checks  day, smallest deviation it can see in %, good or not
     * @param  float  $deviation  now found, %
     * @return Day|null null when there was none: all of them
     */
    public static function doubtSince(array $checks, float $deviation): ?Day
    {
        $since = null;
        foreach ($checks as [$day, $sees, $good]) {
            if ($good && $sees <= abs($deviation) && ($since === null || $day->isAfter($since))) {
                $since = $day;
            }
        }

        return $since;
    }

    /** @return array{float, float} deviation and expanded uncertainty at a shown value */
    private function at(float $shown): array
    {
        if ($this->byShare) {
            (new Bounds(ToolException::class))->above0('the value shown', $shown);
        }
        $last = $this->points[count($this->points) - 1];
        if ($shown <= $this->points[0][0] || $shown >= $last[0]) {
            $end = $shown >= $last[0] ? $last : $this->points[0];

            return [$end[1], $end[2]];
        }
        for ($i = 1; $this->points[$i][0] < $shown; $i++) {
            continue;
        }
        [$before, $after] = [$this->points[$i - 1], $this->points[$i]];
        $share = ($shown - $before[0]) / ($after[0] - $before[0]);

        return [$before[1] + ($after[1] - $before[1]) * $share, $before[2] + ($after[2] - $before[2]) * $share];
    }
}
