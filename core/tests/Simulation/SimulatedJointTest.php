<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Simulation;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Joint\Tightening;
use Tekkal\Core\Simulation\Behaviour;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedJoint;
use Tekkal\Core\Simulation\SimulatedPull;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Unit\Force;

/** The stand-in against the closed forms that stand for the metal: T = F [d2/2 tan(φ + ρ′) + µ DKm/2], F = rate × angle. */
final class SimulatedJointTest extends TestCase
{
    public function test_in_the_elastic_range_clamp_rises_by_the_rate_and_torque_by_the_long_form(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $joint = self::joint($seed);
            self::assertEqualsWithDelta(700.0, $joint->clamp(51.0) - $joint->clamp(50.0), 1e-6);
            $k = $joint->torque(50.0) * 1000 / (10 * $joint->clamp(50.0));
            $low = (new Tightening(Thread::named('M10'), 12.815))->nutFactor(Friction::known(0.08));
            $high = (new Tightening(Thread::named('M10'), 12.815))->nutFactor(Friction::known(0.16));
            self::assertTrue($k >= $low - 1e-9 && $k <= $high + 1e-9, "seed $seed: nut factor $k");
        }
    }

    /** Over many bolts the mean clamp at a torque is near that of nominal friction; 1/µ is not straight, so it is a little more. */
    public function test_over_many_seeds_the_mean_clamp_is_that_of_nominal_friction(): void
    {
        $clamps = [];
        for ($seed = 1; $seed <= 400; $seed++) {
            $clamps[] = self::joint($seed)->clamp(self::joint($seed)->degreesAt(45.0));
        }
        $closed = (new Tightening(Thread::named('M10'), 12.815))->preload(45.0, Friction::known(0.12))->newtons;

        self::assertEqualsWithDelta(1.02 * $closed, (new Summary($clamps))->mean, 0.03 * $closed);
    }

    /** Scatter of torque-controlled against angle-controlled tightening: the angle carries no friction. */
    public function test_an_angle_scatters_less_than_a_torque(): void
    {
        $byTorque = $byAngle = [];
        for ($seed = 1; $seed <= 200; $seed++) {
            $joint = self::joint($seed);
            $byTorque[] = $joint->clamp($joint->degreesAt(45.0));
            $byAngle[] = $joint->clamp($joint->degreesAt(15.0) + 30.0);
        }
        $spread = fn (array $x): float => (new Summary($x))->sd() / (new Summary($x))->mean;

        self::assertLessThan(0.6 * $spread($byTorque), $spread($byAngle));
    }

    public function test_past_yield_the_clamp_hardly_rises_and_before_the_parts_lie_flat_it_rises_slowly(): void
    {
        $joint = self::joint(1);

        self::assertLessThan(0.05 * 700 * 1.01, $joint->clamp(90.0) - $joint->clamp(89.0));
        self::assertLessThan(0.5 * 700, $joint->clamp(5.0) - $joint->clamp(4.0));
        self::assertSame(0.0, $joint->clamp(0.0));
    }

    public function test_a_bolt_that_stood_still_starts_harder_than_it_turned(): void
    {
        self::assertGreaterThan(self::joint(1)->torque(50.0), self::joint(1)->breakaway(50.0));
    }

    public function test_wind_up_adds_angle_that_the_bolt_never_turned_and_a_locking_thread_torque_that_never_clamps(): void
    {
        $joint = new SimulatedJoint(new SeededNoise('1'), Thread::named('M10'), Friction::known(0.12), 12.815, new Behaviour(700.0, 40_000.0, prevailing: 4.0, windUp: 0.1));

        self::assertEqualsWithDelta(0.1 * $joint->torque(50.0), $joint->shownDegrees(50.0) - 50.0, 1e-9);
        self::assertSame(4.0, $joint->torque(0.0));
        self::assertCount(10_000, $joint->curve(90.0, 10_000));
    }

    public function test_a_wrench_that_shows_too_much_pulls_too_little(): void
    {
        $true = (new SimulatedPull(new SeededNoise('1'), 0.0, 0.1, 5.0))->toTorque(self::joint(1), 42.0);

        self::assertEqualsWithDelta(40.0, $true['true'], 1e-9);
        self::assertEqualsWithDelta(42.0, $true['shown'], 1e-9);
    }

    public function test_the_same_seed_is_the_same_bolt(): void
    {
        self::assertSame(self::joint(7)->torque(40.0), self::joint(7)->torque(40.0));
        self::assertNotSame(self::joint(7)->torque(40.0), self::joint(8)->torque(40.0));
    }

    public function test_torque_and_its_angle_belong_together(): void
    {
        $joint = self::joint(3);

        self::assertEqualsWithDelta(30.0, $joint->torque($joint->degreesAt(30.0)), 1e-6);
        self::assertEqualsWithDelta(0.0, Force::newtons($joint->clamp(0.0))->kilonewtons(), 1e-12);
    }

    private static function joint(int $seed): SimulatedJoint
    {
        return new SimulatedJoint(new SeededNoise((string) $seed), Thread::named('M10'), Friction::ofCondition('engine oil'), 12.815, new Behaviour(700.0, 40_000.0));
    }
}
