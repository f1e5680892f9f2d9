<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use DateInterval;
use DateTimeImmutable;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Drift;
use Tekkal\Core\Tool\IntervalProposal;

/** How the points of a tool have moved from calibration to calibration, and where that leads. */
final readonly class ToolDrift
{
    /** The band is drawn at so many days to come. */
    private const BAND_STEPS = 8;

    private const AHEAD_DAYS = 300;

    /** @var array<array-key, PointCourse> by nominal value, the highest first */
    private array $points;

    private ?CalibrationSheet $newest;

    private ?Day $last;

    public function __construct(private ToolRow $tool, private Day $today)
    {
        $points = [];
        $newest = $last = null;
        $rows = $tool->calibrations->whereNotNull('sheet')->sortBy('calibrated_on');
        foreach ($rows as $row) {
            $sheet = CalibrationSheet::ofData((array) $row->sheet);
            [$newest, $last] = [$sheet, Day::of($row->calibrated_on)];
            foreach (['found' => $sheet->asFound(), 'left' => $sheet->left === [] ? null : $sheet->asLeft()] as $when => $pass) {
                foreach ($pass->points ?? [] as $point) {
                    ($points[$point->read->key()] ??= new PointCourse($point->read->words()))->add($row, $when === 'left', $point);
                }
            }
        }
        uksort($points, fn (int|string $a, int|string $b): int => (float) $b <=> (float) $a);
        [$this->points, $this->newest, $this->last] = [$points, $newest, $last];
    }

    /** @return array<string, mixed>|null null where nothing was read yet */
    public function toArray(): ?array
    {
        if ($this->newest === null) {
            return null;
        }
        $limit = $this->limit();

        return [
            'measure' => $this->newest->terms->measure(), 'limit' => $limit, 'decimals' => $this->newest->terms->decimals(), 'today' => $this->today->date,
            'points' => array_values(array_map(fn (PointCourse $p): array => ['words' => $p->words, 'values' => $p->values] + $this->drift($p, $limit), $this->points)),
        ];
    }

    /** @return array<string, mixed>|null what speaks for another interval; null where too little is known */
    public function proposal(): ?array
    {
        $drifts = array_filter(array_map(fn (PointCourse $p): ?Drift => $p->drift(), $this->points));
        if ($this->last === null || $drifts === [] || $this->tool->months === null || $this->tool->calibrations->sortByDesc('calibrated_on')->first()?->conforms !== true) {
            return null;
        }
        $proposal = IntervalProposal::of($drifts, $this->limit(), $this->last, $this->tool->months);
        $point = $proposal->point === null ? null : $this->points[$proposal->point]->words;

        return [
            'months' => $proposal->months, 'now' => $this->tool->months, 'due' => $this->last->due($proposal->months)->date, 'meets' => $proposal->meets?->date, 'point' => $point,
            'because' => $proposal->meets === null
                ? 'At no point does the band meet its limit within ten years.'
                : sprintf('At %s the band, in which 19 of 20 new readings are expected, meets the limit on %s.', $point, $proposal->meets->words()),
        ];
    }

    private function limit(): float
    {
        return $this->newest?->terms->permissible->value()->toFloat() ?? 0.0;
    }

    /** @return array<string, mixed> */
    private function drift(PointCourse $point, float $limit): array
    {
        $drift = $point->drift();
        if ($drift === null || $this->last === null) {
            return ['per_year' => null, 'band' => [], 'meets' => null];
        }
        $start = new DateTimeImmutable($this->last->date);
        $band = [];
        for ($i = 0; $i <= self::BAND_STEPS; $i++) {
            $day = Day::of($start->add(new DateInterval(sprintf('P%dD', intdiv(self::AHEAD_DAYS * $i, self::BAND_STEPS))))->format('Y-m-d'));
            $at = $drift->band($day);
            $band[] = ['on' => $day->date, 'low' => round($at->low, 6), 'mid' => round($drift->at($day), 6), 'high' => round($at->high, 6)];
        }

        return ['per_year' => round($drift->perYear(), 6), 'band' => $band, 'meets' => $drift->meets($limit, from: $this->last)?->date];
    }
}
