<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Written;

/**
 * What results were worth that a tool gave which was later found to deviate: the true value is what it showed, or was set
 * to, divided by 1 + aₛ; between the points aₛ is interpolated, beyond them the nearest point holds.
 */
final readonly class LookBack
{
    /** @var non-empty-list<array{float, float}> shown value and deviation in %, in order */
    private array $points;

    /**
     * @param  list<CalibrationPoint>  $points  of one direction, shown values in N·m or the like; at least one
     * @param  float  $expanded  expanded uncertainty of the calibration, %, at least 0: nearer to a limit than this is in doubt
     *
     * @throws ToolException when there is no point, two share a shown value, or the uncertainty is below 0
     */
    public function __construct(array $points, private float $expanded)
    {
        $bounds = new Bounds(ToolException::class);
        $bounds->some('the points of a calibration', $points);
        $bounds->from0('the expanded uncertainty in %', $expanded);
        $pairs = array_map(fn (CalibrationPoint $p): array => [$p->shown, $p->meanDeviation()], $points);
        usort($pairs, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count(array_unique(array_column($pairs, 0), SORT_REGULAR)) !== count($pairs)) {
            throw new ToolException('Two points of the calibration have the same shown value; of which is the deviation?', 'points', '', 'each shown value once');
        }
        assert($pairs !== []);
        $this->points = $pairs;
    }

    /**
     * Deviation at a shown value, %.
     *
     * @throws ToolException unless it is above 0
     */
    public function deviation(float $shown): float
    {
        (new Bounds(ToolException::class))->above0('the value shown', $shown);
        $last = $this->points[count($this->points) - 1];
        if ($shown <= $this->points[0][0] || $shown >= $last[0]) {
            return $shown >= $last[0] ? $last[1] : $this->points[0][1];
        }
        for ($i = 1; $this->points[$i][0] < $shown; $i++) {
            continue;
        }
        [[$x0, $y0], [$x1, $y1]] = [$this->points[$i - 1], $this->points[$i]];

        return $y0 + ($y1 - $y0) * ($shown - $x0) / ($x1 - $x0);
    }

    public function trueValue(float $shown): float
    {
        return $shown / (1 + $this->deviation($shown) / 100);
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
        $value = $this->trueValue($shown->quantity()->inBase()->toFloat());
        $doubt = $value * $this->expanded / 100;
        $low = $window->low?->quantity()->inBase()->toFloat() ?? -INF;
        $high = $window->high?->quantity()->inBase()->toFloat() ?? INF;

        return match (true) {
            $value < $low - $doubt, $value > $high + $doubt => LookBackVerdict::Out,
            $value < $low + $doubt, $value > $high - $doubt => LookBackVerdict::InDoubt,
            default => LookBackVerdict::In,
        };
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
}
