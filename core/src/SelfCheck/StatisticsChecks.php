<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Tekkal\Core\Statistics\AnalysisOfVariance;
use Tekkal\Core\Statistics\Capability;
use Tekkal\Core\Statistics\ControlChart;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\LinearRegression;
use Tekkal\Core\Statistics\PolynomialRegression;
use Tekkal\Core\Statistics\QuantileMethod;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Tool\UncertaintyBudget;
use Tekkal\Core\Tool\UncertaintyComponent;

/** Summaries, regression, capability and charts of the published check values. */
final class StatisticsChecks
{
    /** @param  array<string, list<float>>  $data */
    public static function compute(string $id, ReferenceInputs $in, array $data): mixed
    {
        return match (true) {
            str_starts_with($id, 'f.StRD.NumAcc') => self::summary(self::numAcc($id)),
            in_array($id, ['f.StRD.Mavro', 'f.StRD.Michelso', 'f.morley'], true) => array_slice(self::summary(self::series($in, $data)), 0, $id === 'f.morley' ? 3 : 4),
            $id === 'f.StRD.Norris' => self::line(new LinearRegression($data[self::file($in).':x'] ?? [], $data[self::file($in).':y'] ?? [])),
            $id === 'f.StRD.Pontius' => self::polynomial(new PolynomialRegression($data[self::file($in).':x'] ?? [], $data[self::file($in).':y'] ?? [], 2)),
            $id === 'f.StRD.SiRstv', $id === 'f.morley.anova' => self::variance($id, $data[self::file($in).':group'] ?? [], $data[self::file($in).':y'] ?? []),
            $id === 'f.morley.q7' => array_map(fn (float $p): float => QuantileMethod::Gumbel->of(self::series($in, $data), $p), [0.0, 0.05, 0.25, 0.5, 0.75, 0.95, 1.0]),
            str_starts_with($id, 'f.cap') => self::capability($id, $in),
            $id === 'f.ppm' => array_map(Capability::partsPerMillion(...), $in->floats('Cpk')),
            $id === 'f.xbarR' => self::subgroups($in),
            $id === 'f.ImR' => self::individuals(ControlChart::ofIndividuals($in->floats('x'))),
            $id === 'f.quantile.method' => Capability::byPercentiles($in->float('q_lo'), $in->float('q_med'), $in->float('q_hi'), $in->float('LSL'), $in->float('USL')),
            $id === 'f.Cmk' => self::pair(Capability::of($in->float('m'), $in->float('s'), 50, $in->float('LSL'), $in->float('USL'))),
            $id === 'g.GUM.G4' => self::freedom($in),
            str_starts_with($id, 'g.GUM.H3') => self::thermometer(new LinearRegression(array_map(fn (float $t): float => $t, $in->floats('t_minus_20')), $in->floats('b'))),
            str_starts_with($id, 'g.angle') => self::angle($id, $in, new LinearRegression($in->floats('x'), $in->floats('y'))),
            default => null,
        };
    }

    private static function file(ReferenceInputs $in): string
    {
        return basename($in->text('file'), '.csv');
    }

    /**
     * @param  array<string, list<float>>  $data
     * @return list<float> the one series that a file holds
     */
    private static function series(ReferenceInputs $in, array $data): array
    {
        return $data[self::file($in).':y'] ?? $data[self::file($in).':Speed'] ?? [];
    }

    /** @return list<float> */
    private static function numAcc(string $id): array
    {
        return match ($id) {
            'f.StRD.NumAcc1' => [10_000_001.0, 10_000_003.0, 10_000_002.0],
            'f.StRD.NumAcc2' => [1.2, ...array_merge(...array_fill(0, 500, [1.1, 1.3]))],
            default => [10_000_000.2, ...array_merge(...array_fill(0, 500, [10_000_000.1, 10_000_000.3]))],
        };
    }

    /**
     * @param  list<float>  $values
     * @return array<string, float>
     */
    private static function summary(array $values): array
    {
        $s = new Summary($values);

        return ['n' => (float) $s->n, 'mean' => $s->mean, 'sd' => $s->sd(), 'r1' => $s->autocorrelation()];
    }

    /** @return array<string, float> */
    private static function line(LinearRegression $l): array
    {
        return ['intercept' => $l->intercept, 'se_intercept' => $l->interceptError(), 'slope' => $l->slope, 'se_slope' => $l->slopeError(), 's' => $l->s, 'r2' => $l->rSquared()];
    }

    /** @return array<string, mixed> */
    private static function polynomial(PolynomialRegression $p): array
    {
        return ['coef' => $p->coefficients, 'se' => $p->errors, 's' => $p->s, 'r2' => $p->rSquared];
    }

    /**
     * @param  list<float>  $groups
     * @param  list<float>  $values
     * @return array<string, float>
     */
    private static function variance(string $id, array $groups, array $values): array
    {
        $by = [];
        foreach ($values as $i => $value) {
            $by[(string) $groups[$i]][] = $value;
        }
        $a = new AnalysisOfVariance(array_values($by));
        $common = ['SSb' => $a->between, 'MSb' => $a->betweenMean(), 'F' => $a->f(), 'SSw' => $a->within, 'MSw' => $a->withinMean()];

        return $id === 'f.morley.anova' ? $common + ['p' => $a->p()] : $common + ['r2' => $a->rSquared(), 's' => sqrt($a->withinMean())];
    }

    private static function capability(string $id, ReferenceInputs $in): mixed
    {
        $summary = new Summary($in->floats('data'));
        $capability = Capability::overall($in->floats('data'), $in->float('LSL'), $in->float('USL'));
        $ends = fn (?Interval $i): array => [$i->low ?? NAN, $i->high ?? NAN];

        return match ($id) {
            'f.cap.mean' => $summary->mean,
            'f.cap.sd' => $summary->sd(),
            'f.cap.Pp' => $capability->potential(),
            'f.cap.Ppk' => $capability->actual(),
            'f.cap.Pp_ci' => $ends($capability->potentialInterval()),
            'f.cap.Ppk_ci' => $ends($capability->actualInterval()),
            'f.cap.mean_ci' => $ends($summary->meanInterval()),
            'f.cap.sd_ci' => $ends($summary->sdInterval()),
            default => null,
        };
    }

    /** @return array<string, float> */
    private static function subgroups(ReferenceInputs $in): array
    {
        $groups = array_values(array_filter($in->rows('subgroups')));
        $chart = ControlChart::ofSubgroups($groups);
        [$cp, $cpk] = self::pair(Capability::within($groups, $in->float('LSL'), $in->float('USL')));

        return [
            'xbarbar' => $chart->centre, 'Rbar' => $chart->meanRange, 'UCLx' => $chart->limits->high, 'LCLx' => $chart->limits->low,
            'UCLr' => $chart->rangeLimits->high, 'LCLr' => $chart->rangeLimits->low, 'sigma_within' => $chart->sigma, 'Cp' => $cp, 'Cpk' => $cpk,
        ];
    }

    /** @return array<string, float> */
    private static function individuals(ControlChart $chart): array
    {
        return ['xbar' => $chart->centre, 'MRbar' => $chart->meanRange, 'UCL' => $chart->limits->high, 'LCL' => $chart->limits->low, 'UCLmr' => $chart->rangeLimits->high];
    }

    /** @return array{float, float} */
    private static function pair(Capability $c): array
    {
        return [$c->potential() ?? NAN, $c->actual()];
    }

    private static function freedom(ReferenceInputs $in): ?float
    {
        $components = array_map(fn (float $u, float $nu): UncertaintyComponent => UncertaintyComponent::observed('u', $u, $nu), $in->floats('u'), $in->floats('nu'));

        return $components === [] ? null : (new UncertaintyBudget($components))->effectiveFreedom();
    }

    /** @return array<string, float> */
    private static function thermometer(LinearRegression $l): array
    {
        return ['y1' => $l->intercept, 's_y1' => $l->interceptError(), 'y2' => $l->slope, 's_y2' => $l->slopeError(), 'r' => $l->coefficientCorrelation(), 's' => $l->s, 'b30' => $l->at(10.0), 'u_b30' => $l->meanError(10.0)];
    }

    /** @return list<float>|null */
    private static function angle(string $id, ReferenceInputs $in, LinearRegression $l): ?array
    {
        $with = fn (Interval $i): array => [$l->at($in->float('x0')), $i->low, $i->high];
        $usable = $id === 'g.angle.usable95' ? $l->usable(new Interval($in->float('lo'), $in->float('hi'))) : null;
        $inverse = $id === 'g.angle.fieller95' ? $l->xInterval($in->float('y0')) : null;

        return match ($id) {
            'g.angle.pi95' => $with($l->prediction($in->float('x0'))),
            'g.angle.pi99' => $with($l->prediction($in->float('x0'), 0.99)),
            'g.angle.ci95' => $with($l->confidence($in->float('x0'))),
            'g.angle.usable95' => $usable === null ? null : [$usable->low, $usable->high],
            'g.angle.fieller95' => $inverse === null ? null : [$inverse->low, $inverse->high],
            default => null,
        };
    }
}
