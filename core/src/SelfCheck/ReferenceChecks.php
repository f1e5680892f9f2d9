<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Tekkal\Core\Acceptance\Conformity;
use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Scatter;
use Tekkal\Core\Joint\Tightening;
use Tekkal\Core\Statistics\ChartConstants;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Tool\Adapter;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Force;

/**
 * Computes published check values anew, by their ids in core/reference/values.json. What is a text, a table of somebody
 * else's, or a rule that stands as data is not computed: null.
 */
final class ReferenceChecks
{
    /** @param  array<string, list<float>>  $data  series by file, for values that are of an open data set */
    public static function compute(string $id, ReferenceInputs $in, array $data): mixed
    {
        [$topic] = explode('.', $id);

        return match ($topic) {
            'a' => UnitChecks::compute($id, $in),
            'b', 'c', 'd' => JointChecks::compute($id, $in) ?? self::torque($id, $in),
            'e' => self::tools($id, $in) ?? CalibrationChecks::compute($id, $in),
            'f', 'g' => StatisticsChecks::compute($id, $in, $data) ?? self::constants($id, $in),
            'h' => SequenceChecks::compute($id, $in),
            default => UnitChecks::clearance($id, $in),
        };
    }

    private static function torque(string $id, ReferenceInputs $in): mixed
    {
        return match (true) {
            $id === 'c.KDF.716-14' => $in->float('K') * $in->float('d_ft') * $in->float('F_lbf'),
            $id === 'c.KDF.inverse.M11' => Tightening::preloadByNutFactor($in->float('K'), 1000 * $in->float('d_m'), $in->float('T_Nm'))->newtons,
            str_starts_with($id, 'c.KDF') => Tightening::byNutFactor($in->float('K'), 1000 * $in->float('d_m'), Force::newtons($in->float('F_N'))),
            $id === 'c.alphaA.halfspan' => array_map(fn (float $a): float => 100 * Scatter::halfSpan($a), $in->floats('alphaA')),
            $id === 'd.Shigley.km' => Clamping::memberStiffness($in->float('E_psi'), $in->float('d_in'), $in->float('l_in')) / 1e6,
            default => null,
        };
    }

    private static function tools(string $id, ReferenceInputs $in): mixed
    {
        $crow = fn (): Adapter => $in->float('E') === 0.0 ? Adapter::inLine() : Adapter::crowFoot($in->float('E'), $in->has('theta_deg') ? $in->float('theta_deg') : 0.0);

        return match (true) {
            $id === 'e.crowfoot.actual' => $crow()->torque($in->float('T_set'), $in->float('L')),
            str_starts_with($id, 'e.crowfoot'), str_starts_with($id, 'e.AC43') => $crow()->setting($in->float('T'), $in->float('L')),
            str_starts_with($id, 'e.MPD') => WrenchClass::from($in->text('type').'_'.$in->text('class'))->permissibleDeviation($in->float('Tmax_Nm')),
            str_starts_with($id, 'e.points') => array_map(fn ($p): float => $p->toFloat(), CalibrationPoint::wanted($in->float('Tmax'), $in->float('T_low'))),
            str_starts_with($id, 'e.as.limits') => CalibrationPoint::referenceLimits($in->float('Xa'), $in->float('mpd_pct')),
            $id === 'e.guard.simple' => $in->float('mpd') - DecisionRule::Simple->guard($in->float('U')),
            $id === 'e.guard.14253' => DecisionRule::Conformity95->acceptance(new Interval(-$in->float('mpd'), $in->float('mpd')), $in->float('U'))?->high,
            str_starts_with($id, 'e.risk') => array_values(Conformity::risks($in->float('T'), $in->float('A'), $in->float('u0'), $in->float('um'))),
            $id === 'e.pc.385' => Conformity::probability($in->float('y'), $in->float('u'), -4.0, 4.0),
            str_starts_with($id, 'e.JCGM106') => Conformity::probability($in->float('y'), $in->float('u'), $in->has('lower') ? $in->float('lower') : null, $in->float('upper')),
            default => null,
        };
    }

    private static function constants(string $id, ReferenceInputs $in): mixed
    {
        return match (true) {
            str_starts_with($id, 'f.const') => self::chart((int) $in->float('n')),
            str_starts_with($id, 'g.t95'), $id === 'g.t99', $id === 'g.t9545', $id === 'g.GUM.G2' => array_map(
                fn (float $df): float => Distribution::studentT($df)->quantile(match ($id) {
                    'g.t99' => 0.995,
                    'g.t9545', 'g.GUM.G2' => Distribution::normal()->cdf(2.0),
                    default => 0.975,
                }),
                $in->floats('df'),
            ),
            $id === 'g.chi2' => [Distribution::chiSquare($in->float('df'))->quantile(0.025), Distribution::chiSquare($in->float('df'))->quantile(0.975)],
            default => null,
        };
    }

    /** @return array<string, float> */
    private static function chart(int $n): array
    {
        $constants = new ChartConstants($n);

        return ['d2' => $constants->d2, 'd3' => $constants->d3, 'c4' => $constants->c4] + $constants->derived();
    }
}
