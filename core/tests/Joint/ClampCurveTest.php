<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Joint;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\JointInput;
use Tekkal\Core\Joint\ClampCurve;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\JointData;

/** The curve is the estimate, point by point; {@see EstimateTest} holds that to VDI 2230-1. */
final class ClampCurveTest extends TestCase
{
    public function test_it_ends_where_the_estimate_of_the_torque_and_of_the_angle_is(): void
    {
        $curve = ClampCurve::of(self::joint(), 40.0, 30.0);
        $torque = array_values(array_filter($curve, fn (array $p): bool => $p['phase'] === 'torque'));
        $angle = array_values(array_filter($curve, fn (array $p): bool => $p['phase'] === 'angle'));

        self::assertSame([20, 20, 40.0, 30.0], [count($torque), count($angle), end($torque)['at'], end($angle)['at']]);
        self::assertEqualsWithDelta((new Estimate(self::joint(), 40.0))->nominal?->kilonewtons(), end($torque)['nominal'], 1e-9);
        self::assertEqualsWithDelta((new Estimate(self::joint(), 40.0, 30.0))->high?->kilonewtons(), end($angle)['high'], 1e-9);
    }

    public function test_it_rises_from_point_to_point_and_keeps_its_band(): void
    {
        $before = 0.0;
        foreach (ClampCurve::of(self::joint(), 40.0, null) as $point) {
            self::assertGreaterThan($before, $point['nominal']);
            self::assertLessThan($point['nominal'], $point['low']);
            self::assertGreaterThan($point['nominal'], $point['high']);
            $before = $point['nominal'];
        }
    }

    public function test_clamp_goes_with_the_torque_in_proportion(): void
    {
        // F = T ÷ (K d): at half the torque half the clamp, whatever the friction (VDI 2230-1 eq. R8/1; Shigley eq. 8-27).
        $points = array_column(ClampCurve::of(self::joint(), 40.0, null), 'nominal');
        self::assertEqualsWithDelta(0.5, $points[9] / $points[19], 1e-9);
    }

    private static function joint(): JointData
    {
        return JointInput::fastener(['thread' => 'M10', 'strength' => '10.9', 'head' => 'hex', 'geometry' => ['bearing_diameter' => '14.63 mm', 'hole_diameter' => '11 mm', 'grip_length' => '60 mm', 'members' => [['material' => 'steel']]]], 'engine oil');
    }
}
