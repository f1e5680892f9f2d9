<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Joint\Tightening;
use Tekkal\Core\Unit\Force;

/** Threads, strength, torque, stretch and angle of the published check values. */
final class JointChecks
{
    private const YIELD = ['8.8' => 640.0, '10.9' => 940.0, '12.9' => 1100.0];

    public static function compute(string $id, ReferenceInputs $in): mixed
    {
        return match (true) {
            str_starts_with($id, 'b.At') => self::inch($in)->stressArea() / 25.4 ** 2,
            str_starts_with($id, 'b.SAEproof') => Strength::named('SAE '.$in->text('grade'), self::inch($in))->proofLoad(self::inch($in))->inPoundsForce(),
            str_starts_with($id, 'b.SAE') => self::stresses(Strength::named('SAE '.$in->text('grade'), Thread::named('1/2-13')), true),
            str_starts_with($id, 'b.class') => self::stresses(Strength::named($in->text('cls'), Thread::of($in->float('d_mm'), 1.5)), false),
            str_starts_with($id, 'b.') => self::thread($id, $in),
            str_starts_with($id, 'c.A1') => self::table($id, $in),
            str_starts_with($id, 'c.') => self::tightening($id, $in),
            default => self::elastic($id, $in),
        };
    }

    private static function inch(ReferenceInputs $in): Thread
    {
        $sizes = ['0.25' => '1/4', '0.3125' => '5/16', '0.375' => '3/8', '0.4375' => '7/16', '0.5' => '1/2', '0.5625' => '9/16', '0.625' => '5/8', '0.75' => '3/4'];

        return Thread::named($sizes[(string) $in->float('D_in')].'-'.(int) $in->float($in->has('n') ? 'n' : 'n_per_in'));
    }

    /** @return array{float, float, float} */
    private static function stresses(Strength $s, bool $inch): array
    {
        return $inch
            ? [round($s->proof->inKsi(), 9), round($s->yield->inKsi(), 9), round($s->tensile?->inKsi() ?? 0.0, 9)]
            : [$s->tensile->megapascals ?? 0.0, $s->yield->megapascals, $s->proof->megapascals];
    }

    private static function thread(string $id, ReferenceInputs $in): mixed
    {
        $thread = Thread::of($in->float('d_mm'), $in->float('P_mm'));

        return match (explode('.', $id)[1]) {
            'd2' => $thread->d2(),
            'd1' => $thread->d1(),
            'd3' => $thread->d3(),
            'As' => $thread->stressArea(),
            'Fp' => Strength::named($in->text('cls'), $thread)->proofLoad($thread)->newtons,
            default => null,
        };
    }

    /** @return list<float> assembly preload in kN or torque in N·m at 90 % of the yield, by friction */
    private static function table(string $id, ReferenceInputs $in): array
    {
        $thread = Thread::of($in->float('d_mm'), $in->float('P_mm'));
        $yield = $in->text('cls') === '8.8' && $thread->d > 16 ? 660.0 : self::YIELD[$in->text('cls')];
        $torque = str_contains($id, '.MA.');
        $tightening = new Tightening($thread, $torque ? Tightening::headDiameter($in->float('dw_mm'), $in->float('dh_mm')) : 1.0);

        return array_map(function (float $mu) use ($tightening, $yield, $torque): float {
            $preload = $tightening->preloadAtYield($yield, $mu, 0.9);

            return $torque ? $tightening->torque($preload, Friction::known($mu)) : $preload->kilonewtons();
        }, $in->floats('mu'));
    }

    private static function tightening(string $id, ReferenceInputs $in): mixed
    {
        $thread = fn (): Thread => Thread::of($in->float('d'), $in->float('P'));
        $head = fn (): Tightening => new Tightening($thread(), $in->has('DKm') ? $in->float('DKm') : 1.0);

        return match (true) {
            str_starts_with($id, 'c.FM.lin') => $head()->preloadAtYield($in->float('Rp02'), $in->float('muG'), 0.9, false)->newtons,
            str_starts_with($id, 'c.FM.exact') => $head()->preloadAtYield($in->float('Rp02'), $in->float('muG'), 0.9)->newtons,
            str_starts_with($id, 'c.MA.exact') => $head()->torque($head()->preloadAtYield(940.0, $in->float('mu'), 0.9), Friction::known($in->float('mu'))),
            str_starts_with($id, 'c.vonmises') => $head()->yieldShare(Force::newtons($in->float('F_N')), $in->float('Rp02'), $in->float('muG')),
            $id === 'c.K.share.M10' => array_map(fn (float $s): float => 100 * $s, $head()->shares(Friction::known($in->float('mu')))),
            str_starts_with($id, 'c.Kequiv') => array_map(fn (float $mu): float => $head()->summedNutFactor(Friction::known($mu)), [0.08, 0.10, 0.12, 0.14, 0.20]),
            $id === 'c.Motosh.M10.mu012' => $in->float('F_kN') * ($in->float('P_mm') / (2 * M_PI) + $in->float('mu_t') * $in->float('r_t_mm') / cos(deg2rad($in->float('half_angle_deg'))) + $in->float('mu_n') * $in->float('r_n_mm')),
            $id === 'c.Shigley.8-3.short' => $in->float('K') * $in->float('F_lbf') * $in->float('d_in'),
            $id === 'c.Shigley.8-3.long' => self::shigley($in),
            $id === 'c.ISO16047' => self::iso16047($thread(), $in),
            default => null,
        };
    }

    /** Shigley eq. 8-26, collar diameter 1.25 d, in lbf·in. */
    private static function shigley(ReferenceInputs $in): float
    {
        $lead = $in->float('lead_in') / (M_PI * $in->float('dm_in'));
        $sec = 1 / cos(M_PI / 6);
        $k = $in->float('dm_in') / (2 * $in->float('d_in')) * ($lead + $in->float('f') * $sec) / (1 - $in->float('f') * $lead * $sec) + 0.625 * $in->float('fc');

        return $k * $in->float('F_lbf') * $in->float('d_in');
    }

    /** @return array{K: float, mu_tot: float, mu_th: float, mu_b: float} */
    private static function iso16047(Thread $thread, ReferenceInputs $in): array
    {
        $m = (new Tightening($thread, Tightening::headDiameter($in->float('Do'), $in->float('dh'))))->measuredFriction($in->float('T_Nm'), $in->float('Tth_Nm'), Force::newtons(1000 * $in->float('F_kN')));

        return ['K' => $m['k'], 'mu_tot' => $m['total'], 'mu_th' => $m['thread'], 'mu_b' => $m['bearing']];
    }

    private static function elastic(string $id, ReferenceInputs $in): mixed
    {
        return match (true) {
            str_starts_with($id, 'd.VDI'), str_starts_with($id, 'd.necked') => self::body($id, $in),
            $id === 'd.inch.rodbolt', $id === 'd.inch.thou2um' => self::rod($id, $in),
            $id === 'd.inch.twoseg' => BoltBody::hooke(Force::newtons($in->float('F_lbf')), self::twoSegments(), $in->float('E_psi')),
            $id === 'd.inch.load.from.stretch' => $in->float('dL_in') / BoltBody::hooke(Force::newtons(1.0), self::twoSegments(), $in->float('E_psi')),
            $id === 'd.preload2angle' => self::clamping($in)->angle(Force::newtons($in->float('F_N'))),
            $id === 'd.boltshare.stretch' => self::clamping($in)->boltStretch($in->float('theta_deg')),
            $id === 'd.threshold.shift' => self::shift($in),
            default => null,
        };
    }

    private static function body(string $id, ReferenceInputs $in): float
    {
        $shank = array_map(fn (array $s): array => [$s[0] ?? 0.0, $s[1] ?? 1.0], $in->rows('shank'));
        $into = $in->has('joint') ? $in->text('joint') : 'nut';
        $body = new BoltBody(Thread::of($in->float('d'), $in->float('P')), $shank, $in->float('free_thread'), $in->has('head') && $in->text('head') === 'socket', $into, BoltBody::STEEL_MPA, $in->has('E_mate') ? $in->float('E_mate') : BoltBody::STEEL_MPA);
        $load = Force::newtons($in->has('F_N') ? $in->float('F_N') : 0.0);

        return match (true) {
            str_ends_with($id, 'deltaS') => 1e6 * $body->resilience(),
            str_ends_with($id, 'micrometer') => 1e6 * $body->micrometerStretch($load)->inBase()->toFloat() / 1000,
            default => 1e6 * $body->stretch($load)->inBase()->toFloat() / 1000,
        };
    }

    private static function rod(string $id, ReferenceInputs $in): float
    {
        $inches = BoltBody::hooke(Force::newtons($in->float('F_lbf')), [[$in->float('L_in'), M_PI / 4 * $in->float('D_in') ** 2]], $in->float('E_psi'));

        return $inches * ($id === 'd.inch.rodbolt' ? 1000 : 25_400);
    }

    /** @return list<array{float, float}> 1.20 in of 0.375 in, 0.45 in of thread */
    private static function twoSegments(): array
    {
        return [[1.20, M_PI / 4 * 0.375 ** 2], [0.45, 0.0878]];
    }

    private static function clamping(ReferenceInputs $in): Clamping
    {
        return new Clamping($in->float('P'), $in->float('kb'), $in->float('kc'));
    }

    /** @return array{float, float} degrees and kN */
    private static function shift(ReferenceInputs $in): array
    {
        [$degrees, $force] = self::clamping($in)->thresholdShift($in->float('T_from'), $in->float('T_to'), $in->float('rate'));

        return [$degrees, $force->kilonewtons()];
    }
}
