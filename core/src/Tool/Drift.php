<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use DateInterval;
use DateTimeImmutable;
use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\LinearRegression;
use Tekkal\Core\Statistics\TooFew;

/** How a tool's deviation moves from calibration to calibration, and when its band will meet the limit. */
final readonly class Drift
{
    private const FARTHEST_DAYS = 3653;

    private LinearRegression $line;

    private DateTimeImmutable $first;

    /**
     * @param  list<array{Day, float}>  $history  day and mean deviation in %, as found, oldest first
     *
     * @throws TooFew below three calibrations
     */
    public function __construct(array $history)
    {
        $this->first = new DateTimeImmutable($history[0][0]->date ?? '1970-01-01');
        $days = array_map(fn (array $h): float => (float) $this->first->diff(new DateTimeImmutable($h[0]->date))->days, $history);
        $this->line = new LinearRegression($days, array_map(fn (array $h): float => $h[1], $history));
    }

    /** % per year. */
    public function perYear(): float
    {
        return $this->line->slope * 365.25;
    }

    /**
     * The first day on which a single new deviation may lie beyond ±$limit %; null within ten years of the first day.
     *
     * @throws ToolException unless the limit is above 0
     */
    public function meets(float $limit, float $confidence = 0.95): ?Day
    {
        (new Bounds(ToolException::class))->above0('the limit in %', $limit);
        for ($day = 0; $day <= self::FARTHEST_DAYS; $day++) {
            $band = $this->line->prediction((float) $day, $confidence);
            if ($band->high >= $limit || $band->low <= -$limit) {
                return Day::of($this->first->add(new DateInterval("P{$day}D"))->format('Y-m-d'));
            }
        }

        return null;
    }
}
