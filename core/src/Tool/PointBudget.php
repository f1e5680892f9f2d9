<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Unit\Written;

/** The budget of one point of a calibration by a template, term by term (JCGM 100:2008, 4.3.7 and 5.1.2). */
final readonly class PointBudget
{
    /** @var list<array{name: string, source: BudgetSource, standard: float}> in % of the value, or in the unit of the tool */
    public array $lines;

    private Summary $summary;

    /** @param  float  $lowest  mean reading at the lowest point, to which some contributions refer */
    public function __construct(private PointReadings $point, private CalibrationTerms $terms, private float $lowest)
    {
        $this->summary = new Summary(array_map(fn (Written $r): float => (float) $r->decimal(), $point->readings));
        $lines = [];
        foreach ($terms->template as $line) {
            $component = $this->component($line);
            if ($component !== null) {
                $lines[] = ['name' => $line->name, 'source' => $line->source, 'standard' => $component->standard()];
            }
        }
        $this->lines = $lines;
    }

    /** Twice the root of the sum of squares (k = 2). */
    public function expanded(): float
    {
        return 2 * sqrt(Summary::sum(array_map(fn (array $l): float => $l['standard'] ** 2, $this->lines)));
    }

    /** Null where nothing can be said: one reading does not repeat itself, and no standard was named. */
    private function component(TemplateLine $line): ?UncertaintyComponent
    {
        return match ($line->source) {
            BudgetSource::Standard => $this->standard($line->name),
            BudgetSource::Resolution => UncertaintyComponent::rectangular($line->name, $this->measured($this->step() / 2, $this->summary->mean)),
            BudgetSource::Repeatability => $this->summary->n < 2 ? null : UncertaintyComponent::observed($line->name, $this->measured($this->summary->sd() / sqrt($this->summary->n), $this->summary->mean), $this->summary->n - 1),
            BudgetSource::Fixed => UncertaintyComponent::rectangular($line->name, $this->fixed($line) / 2),
        };
    }

    private function standard(string $name): ?UncertaintyComponent
    {
        $standard = $this->terms->standard;
        if ($standard === null) {
            return null;
        }
        $value = $standard->percent !== null ? $this->ofShare($standard->percent) : $this->measured($this->amount($standard->amount), $this->summary->mean);

        return UncertaintyComponent::expanded($name, $value, 2.0);
    }

    private function fixed(TemplateLine $line): float
    {
        return $line->inPercent ? $this->ofShare($line->width) : $this->measured($line->width, $line->atLowest ? $this->lowest : $this->summary->mean);
    }

    /** Of the tool's scale, where the standard reads it: behind an adapter a step is longer or shorter. */
    private function step(): float
    {
        return (float) $this->terms->resolution->decimal() * ($this->terms->adapter?->gain->toFloat() ?? 1.0);
    }

    /** An amount of another unit in that of the tool. */
    private function amount(?Written $amount): float
    {
        return $amount === null ? 0.0 : $amount->quantity()->inBase()->toFloat() / $this->point->nominal->unit->factor()->toFloat();
    }

    /** An amount in the unit of the tool, as this calibration measures: in % of a value, or as it is. */
    private function measured(float $amount, float $of): float
    {
        return $this->terms->isRelative() ? 100 * $amount / $of : $amount;
    }

    private function ofShare(float $percent): float
    {
        return $this->terms->isRelative() ? $percent : $percent / 100 * (float) $this->point->nominal->decimal();
    }
}
