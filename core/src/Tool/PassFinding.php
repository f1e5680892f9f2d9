<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Unit\Written;

/** A tool as it was found, or as it was left: every single reading of every point judged by the terms of the calibration. */
final readonly class PassFinding
{
    /** @var list<PointFinding> of the points that have a reading, clockwise before anticlockwise, from the lowest up */
    public array $points;

    /**
     * @param  list<PointReadings>  $points
     *
     * @throws ToolException when a point is outside the range of the tool, stands there twice, is 0 where deviations count by share, or its uncertainty leaves nothing of the limit
     */
    public function __construct(array $points, private CalibrationTerms $terms)
    {
        $read = array_values(array_filter($points, fn (PointReadings $p): bool => $p->readings !== []));
        array_map($this->within(...), $points);
        $this->onceEach($points);
        usort($read, fn (PointReadings $a, PointReadings $b): int => [$b->direction, $a->nominal->quantity()->inBase()->toFloat()] <=> [$a->direction, $b->nominal->quantity()->inBase()->toFloat()]);
        $lowest = [];
        foreach ($read as $point) {
            $lowest[$point->direction] ??= self::mean($point);
        }
        $this->points = array_map(fn (PointReadings $p): PointFinding => $this->point($p, $lowest[$p->direction]), $read);
    }

    public function isGood(): bool
    {
        return $this->points !== [] && array_filter($this->points, fn (PointFinding $p): bool => ! $p->isGood()) === [];
    }

    /** @return list<string> one clause for each point at which a reading does not conform: "at 15 lbf·ft it gives up to 6.4 % too little" */
    public function faults(): array
    {
        return array_map($this->clause(...), array_values(array_filter($this->points, fn (PointFinding $p): bool => ! $p->isGood())));
    }

    /** @return list<string> the nominal values of points that are good, but nearer to the limit than the calibration can tell */
    public function near(): array
    {
        return array_map(fn (PointFinding $p): string => $p->read->words(), array_values(array_filter($this->points, fn (PointFinding $p): bool => $p->isNear())));
    }

    /** @return list<PointFinding> of one direction; all where it was never read in that one */
    public function in(string $direction): array
    {
        $in = array_values(array_filter($this->points, fn (PointFinding $p): bool => $p->read->direction === $direction));

        return $in === [] ? $this->points : $in;
    }

    /** The largest deviation of all, either way; 0 where nothing was read. */
    public function worst(): float
    {
        return array_reduce($this->points, fn (float $worst, PointFinding $p): float => abs($p->worst()) > abs($worst) ? $p->worst() : $worst, 0.0);
    }

    /** The smallest deviation that it would have let pass at none of its points: the limit, drawn in by its rule. In % or in the unit of the tool. */
    public function sees(): float
    {
        return array_reduce($this->points, fn (float $sees, PointFinding $p): float => max($sees, $this->drawnIn($p->expanded)->toFloat()), 0.0);
    }

    private function clause(PointFinding $point): string
    {
        // What shows more than the standard reads gives less than it shows.
        [$does, $less] = $this->terms->isRelative() ? ['gives', $point->worst() > 0] : ['shows', $point->worst() < 0];

        return sprintf('at %s it %s up to %s too %s', $point->read->words(), $does, self::size(abs($point->worst()), $this->terms), $less ? 'little' : 'much');
    }

    /** A deviation in words; one more decimal than the scale has, where it is an amount. */
    public static function size(float $deviation, CalibrationTerms $terms): string
    {
        return sprintf("%.{$terms->decimals()}f\u{00A0}%s", $deviation, $terms->measure());
    }

    private function within(PointReadings $point): void
    {
        $at = $point->nominal;
        if ($at->unit !== $this->terms->resolution->unit) {
            throw new ToolException(sprintf('The point %s is not in %s, the unit of the tool.', $at->typeset(), $this->terms->resolution->unit->symbol()), 'point', $at->typeset(), $this->terms->resolution->unit->symbol());
        }
        if ($this->terms->range->lowest->isGreaterThan($at) || $at->isGreaterThan($this->terms->range->highest)) {
            throw new ToolException(sprintf('The point %s lies outside the range of the tool, %s; it says nothing of it.', $at->typeset(), $this->terms->range->typeset()), 'point', $at->typeset(), $this->terms->range->typeset());
        }
        foreach ($this->terms->isRelative() ? [$at, ...$point->readings] : [] as $value) {
            if ((float) $value->decimal() <= 0.0) {
                throw new ToolException(sprintf('%s at the point %s: a value above 0 is wanted, since its share is reckoned.', $value->typeset(), $at->typeset()), 'reading', $value->typeset(), 'above 0');
            }
        }
    }

    /** @param  list<PointReadings>  $points */
    private function onceEach(array $points): void
    {
        $seen = [];
        foreach ($points as $point) {
            if (isset($seen[$point->key()])) {
                throw new ToolException(sprintf('The point %s stands there twice.', $point->words()), 'point', $point->words(), 'each once');
            }
            $seen[$point->key()] = true;
        }
    }

    private function point(PointReadings $point, float $lowest): PointFinding
    {
        $budget = new PointBudget($point, $this->terms, $lowest);
        $limit = $this->drawnIn($budget->expanded());

        return new PointFinding(
            $point, $this->deviations($point), $budget->lines, $budget->expanded(), $this->terms->permissible->value()->toFloat(),
            array_map(fn (Written $r): bool => $this->conforms($this->terms->expected($point->nominal), $r, $limit), $point->readings),
        );
    }

    /**
     * By share: aₛ = 100 (Xa − Xr)/Xr (ISO 6789-1:2017) – by the standard, not by what was set; with an adapter Xa is
     * what then arrives at its end. By amount: shown less true.
     *
     * @return non-empty-list<float>
     */
    private function deviations(PointReadings $point): array
    {
        $at = $this->terms->expected($point->nominal);
        $all = array_map(fn (Written $r): float => $this->terms->isRelative() ? CalibrationPoint::deviation($at->toFloat(), (float) $r->decimal()) : (float) (string) BigDecimal::of($r->decimal())->minus($at), $point->readings);
        assert($all !== []);

        return $all;
    }

    /** The permissible deviation drawn in by the guard band of the rule. */
    private function drawnIn(float $expanded): BigDecimal
    {
        $limit = $this->terms->permissible->value()->minus($this->terms->rule->guardExactly(CalibrationPoint::decimal($expanded)));
        if ($limit->isNegative()) {
            throw new ToolException(sprintf('An uncertainty of ±%s leaves nothing of %s; a better standard is wanted.', self::size($expanded, $this->terms), $this->terms->permissible->typeset()), 'uncertainty', self::size($expanded, $this->terms), $this->terms->permissible->typeset());
        }

        return $limit;
    }

    /** In exact decimals, so that what deviates by just as much as is permissible conforms. */
    private function conforms(BigDecimal $expected, Written $reading, BigDecimal $limit): bool
    {
        if ($this->terms->isRelative()) {
            return (new CalibrationPoint($expected, [$reading->decimal()]))->conforms($limit);
        }

        return ! BigDecimal::of($reading->decimal())->minus($expected)->abs()->isGreaterThan($limit);
    }

    private static function mean(PointReadings $point): float
    {
        return (new Summary(array_map(fn (Written $r): float => (float) $r->decimal(), $point->readings)))->mean;
    }
}
