<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\CalibrationRow;
use Tekkal\Core\Statistics\TooFew;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Drift;
use Tekkal\Core\Tool\PointFinding;

/** One point of a tool through all of its calibrations. */
final class PointCourse
{
    /** @var list<array<string, mixed>> as they are drawn */
    public array $values = [];

    /** @var list<list<array{Day, float}>> between adjustments */
    private array $stretches = [];

    public function __construct(public readonly string $words)
    {
    }

    public function add(CalibrationRow $row, bool $asLeft, PointFinding $point): void
    {
        $this->values[] = ['on' => $row->calibrated_on, 'when' => $asLeft ? 'left' : 'found', 'mean' => round($point->mean, 6), 'expanded' => round($point->expanded, 6), 'good' => $point->isGood(), 'calibration' => $row->entry_id];
        $last = array_pop($this->stretches) ?? [];
        // What was adjusted begins anew.
        $more = $asLeft && $last !== [] ? [$last, []] : [$last];
        $more[count($more) - 1][] = [Day::of($row->calibrated_on), $point->mean];
        array_push($this->stretches, ...$more);
    }

    /** Null while too little is known. */
    public function drift(): ?Drift
    {
        try {
            return new Drift($this->stretches);
        } catch (TooFew) {
            return null;
        }
    }
}
