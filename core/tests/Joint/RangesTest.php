<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Joint;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\ClampCurve;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Joint\JointException;
use Tekkal\Core\Joint\MeasuredChecks;
use Tekkal\Core\Joint\Scatter;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Joint\Tightening;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Stress;

/** What the joint arithmetic takes and what it refuses; tables of standards as they stand, sources named. */
final class RangesTest extends TestCase
{
    /** Each way that people write it is one thread; its own name is the plainest. */
    #[DataProvider('spellings')]
    public function test_a_thread_is_known_however_it_is_written(string $written, string $name, float $d, float $pitch): void
    {
        $thread = Thread::named($written);

        self::assertSame($name, $thread->name);
        self::assertEqualsWithDelta([$d, $pitch], [$thread->d, $thread->pitch], 1e-9);
    }

    /** @return iterable<string, array{string, string, float, float}> */
    public static function spellings(): iterable
    {
        foreach (['M10' => 'M10', 'm10' => 'M10', 'M 10' => 'M10', 'M10x1.5' => 'M10', 'M10 × 1,5' => 'M10', 'M10x1.5-6g' => 'M10', 'M10-6g' => 'M10', 'M10x1.5 - 6g6g' => 'M10'] as $written => $name) {
            yield $written => [(string) $written, $name, 10.0, 1.5];
        }
        foreach (['M10-1.25', 'M10x1,25', 'M10 X 1.25', 'M10x1.25-6H'] as $written) {
            yield $written => [$written, 'M10x1.25', 10.0, 1.25];
        }
        foreach (['3/8-24', '3/8"-24', '3/8″-24 UNF', '3/8 in-24', '3/8-24 UNF-2A', '3/8-24unf'] as $written) {
            yield $written => [$written, '3/8-24', 9.525, 25.4 / 24];
        }
        yield '#10-32' => ['#10-32', '#10-32', 0.190 * 25.4, 25.4 / 32];
        yield '# 8-32 UNC' => ['# 8-32 UNC', '#8-32', 0.164 * 25.4, 25.4 / 32];
        yield 'the smallest' => ['M3', 'M3', 3.0, 0.5];
        yield 'one between' => ['M3.5', 'M3.5', 3.5, 0.6];
        yield 'the largest' => ['M64', 'M64', 64.0, 6.0];
        yield 'a large fine one' => ['M42x3', 'M42x3', 42.0, 3.0];
    }

    /** Stress areas that ISO 898-1:2013 Tables 4 and 5 print, mm² (from memory). */
    #[DataProvider('areas')]
    public function test_stress_areas_are_those_that_the_standard_prints(string $thread, float $area): void
    {
        self::assertEqualsWithDelta($area, Thread::named($thread)->stressArea(), 0.005 * $area);
    }

    /** @return iterable<string, array{string, float}> */
    public static function areas(): iterable
    {
        foreach (['M3' => 5.03, 'M4' => 8.78, 'M5' => 14.2, 'M6' => 20.1, 'M7' => 28.9, 'M8' => 36.6, 'M10' => 58.0, 'M12' => 84.3, 'M14' => 115, 'M16' => 157, 'M18' => 192, 'M20' => 245, 'M22' => 303, 'M24' => 353, 'M27' => 459, 'M30' => 561, 'M33' => 694, 'M36' => 817, 'M39' => 976, 'M8x1' => 39.2, 'M10x1.25' => 61.2, 'M12x1.5' => 88.1] as $thread => $area) {
            yield $thread => [$thread, (float) $area];
        }
    }

    /** Tensile stress areas that ASME B1.1 prints, in² (from memory); of each size the coarse and the fine thread. */
    #[DataProvider('inchAreas')]
    public function test_inch_stress_areas_are_those_that_the_standard_prints(string $thread, float $area): void
    {
        self::assertEqualsWithDelta($area, Thread::named($thread)->stressArea() / 25.4 ** 2, 0.005 * $area);
    }

    /** @return iterable<string, array{string, float}> */
    public static function inchAreas(): iterable
    {
        foreach ([
            '#4-40' => 0.00604, '#4-48' => 0.00661, '#5-40' => 0.00796, '#5-44' => 0.00830, '#6-32' => 0.00909, '#6-40' => 0.01015, '#8-32' => 0.0140, '#8-36' => 0.01474,
            '#10-24' => 0.0175, '#10-32' => 0.0200, '#12-24' => 0.0242, '#12-28' => 0.0258, '1/4-20' => 0.0318, '1/4-28' => 0.0364, '5/16-18' => 0.0524, '5/16-24' => 0.0580,
            '3/8-16' => 0.0775, '3/8-24' => 0.0878, '7/16-14' => 0.1063, '7/16-20' => 0.1187, '1/2-13' => 0.1419, '1/2-20' => 0.1599, '9/16-12' => 0.182, '9/16-18' => 0.203,
            '5/8-11' => 0.226, '5/8-18' => 0.256, '3/4-10' => 0.334, '3/4-16' => 0.373, '7/8-9' => 0.462, '7/8-14' => 0.509, '1-8' => 0.606, '1-12' => 0.663,
        ] as $thread => $area) {
            yield $thread => [$thread, $area];
        }
    }

    /** T = K d F by definition. */
    public function test_a_nut_factor_is_the_torque_over_diameter_and_preload(): void
    {
        $tightening = new Tightening(Thread::named('M10'), 12.815);
        $friction = Friction::known(0.12, 0.14);

        self::assertEqualsWithDelta($tightening->torque(Force::newtons(20000.0), $friction) / (20000.0 * 0.010), $tightening->nutFactor($friction), 1e-12);
    }

    /** F [0.16 P + 0.58 d2 µG + DKm/2 µK] as VDI 2230-1 prints it, by hand: M10 with 0.12 in the thread and 0.14 under the head. */
    public function test_thread_and_head_each_take_their_own_friction(): void
    {
        $tightening = new Tightening(Thread::named('M10'), 12.815);
        [$pitch, $thread, $head] = [0.24, 0.628191, 0.89705];
        $sum = $pitch + $thread + $head;

        self::assertEqualsWithDelta($sum / 10, $tightening->summedNutFactor(Friction::known(0.12, 0.14)), 1e-5);
        self::assertEqualsWithDelta([$pitch / $sum, $thread / $sum, $head / $sum], $tightening->shares(Friction::known(0.12, 0.14)), 1e-5);
    }

    /** Proof loads that ISO 898-1:2013 Tables 5 and 7 print, N (from memory), found however the thread is written. */
    #[DataProvider('proofs')]
    public function test_printed_proof_loads_are_found_however_the_thread_is_written(string $thread, string $class, float $newtons): void
    {
        $of = Thread::named($thread);

        self::assertSame($newtons, Strength::named($class, $of)->printedProofLoad($of)?->newtons);
    }

    /** @return iterable<string, array{string, string, float}> */
    public static function proofs(): iterable
    {
        yield 'plain' => ['M10', '8.8', 33_700.0];
        yield 'with its pitch' => ['M10x1.5', '8.8', 33_700.0];
        yield 'with a class' => ['m10 × 1,5 - 6g', '8.8', 33_700.0];
        yield 'fine' => ['M10-1.25', '10.9', 50_800.0];
        yield 'fine, spaced' => ['M8 x 1', '12.9', 38_000.0];
    }

    /**
     * Friction by condition, after VDI 2230-1 Table A5 (from memory), written down here a second time.
     *
     * @param  array{float, float, float}  $low
     */
    #[DataProvider('frictions')]
    public function test_the_friction_of_a_condition_is_that_of_the_table(string $condition, array $low): void
    {
        $friction = Friction::ofCondition($condition);

        self::assertSame([...$low, $low[1]], [$friction->low, $friction->thread, $friction->high, $friction->head]);
    }

    /** @return iterable<string, array{string, array{float, float, float}}> */
    public static function frictions(): iterable
    {
        yield 'molybdenum grease' => ['molybdenum grease', [0.04, 0.08, 0.10]];
        yield 'assembly lubricant' => ['assembly lubricant', [0.06, 0.09, 0.12]];
        yield 'anti-seize' => ['anti-seize', [0.08, 0.11, 0.14]];
        yield 'wax' => ['wax', [0.06, 0.09, 0.12]];
        yield 'engine oil' => ['engine oil', [0.08, 0.12, 0.16]];
        yield 'dry' => ['dry', [0.14, 0.18, 0.24]];
        yield 'locker' => ['locker', [0.08, 0.14, 0.18]];
        yield 'sealant' => ['sealant', [0.08, 0.13, 0.18]];
    }

    /** Minimum tensile, yield and proof stress, MPa: ISO 898-1:2013 Table 3; ksi: SAE J429 Table 1 (both from memory). */
    #[DataProvider('strengths')]
    public function test_a_class_has_the_strengths_of_its_standard(string $class, string $thread, float $tensile, float $yield, float $proof): void
    {
        $strength = Strength::named($class, Thread::named($thread));

        self::assertEqualsWithDelta([$tensile, $yield, $proof], [$strength->tensile?->megapascals, $strength->yield->megapascals, $strength->proof->megapascals], 0.01);
    }

    /** @return iterable<string, array{string, string, float, float, float}> */
    public static function strengths(): iterable
    {
        $ksi = 6.894757293168;
        foreach (['4.6' => [400, 240, 225], '4.8' => [420, 340, 310], '5.6' => [500, 300, 280], '5.8' => [520, 420, 380], '6.8' => [600, 480, 440], '8.8' => [800, 640, 580], '9.8' => [900, 720, 650], '10.9' => [1040, 940, 830], '12.9' => [1220, 1100, 970]] as $class => $mpa) {
            yield $class => [(string) $class, 'M10', ...array_map(floatval(...), $mpa)];
        }
        yield '8.8 above 16 mm' => ['8.8', 'M18', 830.0, 660.0, 600.0];
        yield '8.8 of 16 mm' => ['8.8', 'M16', 800.0, 640.0, 580.0];
        foreach (['SAE 2' => [74, 57, 55], 'SAE 5' => [120, 92, 85], 'SAE 8' => [150, 130, 120]] as $grade => $of) {
            yield $grade => [$grade, '1/2-13', ...array_map(fn (int $v): float => $v * $ksi, $of)];
        }
        yield 'grade 5 of 1 in' => ['grade 5', '1-8', 120 * $ksi, 92 * $ksi, 85 * $ksi];
        yield 'grade 2 of 3/4 in' => ['grade 2', '3/4-10', 74 * $ksi, 57 * $ksi, 55 * $ksi];
        yield 'grade 2 above 3/4 in' => ['grade 2', '7/8-9', 60 * $ksi, 36 * $ksi, 33 * $ksi];
        yield 'SAE J429 grade 8' => ['SAE J429 grade 8', '3/8-16', 150 * $ksi, 130 * $ksi, 120 * $ksi];
    }

    /** F = M/[d2/2 tan(φ + ρ′) + µ DKm/2] and back again (VDI 2230-1): what goes in comes out. */
    public function test_torque_and_preload_are_each_others_inverse(): void
    {
        $tightening = new Tightening(Thread::named('M10'), Tightening::headDiameter(14.63, 11.0));
        $friction = Friction::known(0.12, 0.14);
        $preload = $tightening->preload(45.0, $friction);

        self::assertEqualsWithDelta(12.815, Tightening::headDiameter(14.63, 11.0), 1e-12);
        self::assertEqualsWithDelta(45.0, $tightening->torque($preload, $friction), 1e-9);
        self::assertEqualsWithDelta(2 * $preload->newtons, $tightening->preload(90.0, $friction)->newtons, 1e-6);
        // By hand: d2 = 9.026, tan φ = 1.5/(π 9.026) = 0.05290, ρ′ = 0.1386: 45 000/(4.513 × 0.19288 + 0.14 × 6.4075).
        self::assertEqualsWithDelta(45_000 / (4.513 * 0.19291 + 0.14 * 6.4075), $preload->newtons, 30.0);
    }

    /** The torque at which it yields, torsion counted: share and torque grow alike. */
    public function test_the_torque_at_which_it_yields_takes_it_to_the_whole_of_its_yield(): void
    {
        $joint = new JointData(Thread::named('M10'), Strength::named('10.9', Thread::named('M10')), Friction::known(0.12), 16.0, 11.0);
        $torque = $joint->yieldTorque();
        self::assertNotNull($torque);

        $tightening = $joint->tightening();
        self::assertEqualsWithDelta(1.0, $tightening?->yieldShare($tightening->preload($torque, Friction::known(0.12)), 940.0, 0.12), 1e-12);
        self::assertNull((new JointData(Thread::named('M10'), null, Friction::known(0.12), 16.0, 11.0))->yieldTorque());
    }

    public function test_what_yields_by_its_torsion_while_its_clamp_is_below_proof_is_warned_of(): void
    {
        $joint = new JointData(Thread::named('M10'), Strength::named('8.8', Thread::named('M10')), Friction::known(0.2), 16.0, 11.0);
        foreach (range(40, 120) as $torque) {
            $estimate = new Estimate($joint, (float) $torque);
            if ($estimate->proofShare() < 1.0 && $estimate->yieldShare() > 1.0) {
                self::assertTrue($estimate->isPastYield());
                self::assertContains('Past the yield once the torsion is counted, though below the proof load: the fastener yields while it is tightened.', $estimate->sentences());

                return;
            }
        }
        self::fail('No torque yields it by torsion alone.');
    }

    /** @param  callable(): mixed  $ask */
    #[DataProvider('nonsense')]
    public function test_nonsense_has_no_answer_and_the_refusal_says_what_is_wanted(callable $ask, string $says): void
    {
        $this->expectException(JointException::class);
        $this->expectExceptionMessage($says);
        $ask();
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function nonsense(): iterable
    {
        $m10 = Thread::named('M10');
        $tightening = new Tightening($m10, 13.0);
        yield 'a class of half a number' => [fn () => Strength::named('8', $m10), '"8" is no class or grade known here'];
        yield 'a fine count called coarse' => [fn () => Thread::named('3/8-24 UNC'), '3/8 in UNC has 16 threads per inch, not 24'];
        yield 'a coarse count called fine' => [fn () => Thread::named('3/8-16 UNF'), '3/8 in UNF has 24 threads per inch, not 16'];
        yield 'a pitch that the size has not' => [fn () => Thread::named('M10x1.75'), 'M10 has pitches of'];
        yield 'a size beyond the series' => [fn () => Thread::named('M68'), 'M3 to M64'];
        yield 'a thread without a core' => [fn () => Thread::of(1.0, 1.0), 'The lower of pitch and diameter'];
        yield 'a thread of no number' => [fn () => Thread::of(NAN, 1.0), 'no number at all'];
        yield 'a friction that is no number' => [fn () => Friction::known(NAN), 'from 0.02 to 0.5'];
        yield 'a hole as large as the bearing face' => [fn () => Tightening::headDiameter(11.0, 11.0), 'The lower of hole and bearing face'];
        yield 'the same in what is known of a joint' => [fn () => new JointData($m10, null, null, 10.0, 11.0), 'The lower of hole and bearing face'];
        yield 'a head of nothing' => [fn () => new Tightening($m10, 0.0), 'above 0'];
        yield 'a torque of nothing' => [fn () => $tightening->preload(0.0, Friction::known(0.12)), 'The torque in N·m: above 0'];
        yield 'an estimate of less than nothing' => [fn () => new Estimate(new JointData, -5.0), 'The torque in N·m: above 0'];
        yield 'an angle backwards' => [fn () => new Estimate(new JointData, 5.0, -1.0), 'The angle in degrees: at least 0'];
        yield 'a curve of nothing' => [fn () => ClampCurve::of(new JointData, 0.0, null), 'The torque in N·m: above 0'];
        yield 'a yield of nothing' => [fn () => $tightening->yieldShare(Force::newtons(1.0), 0.0, 0.1), 'The yield in MPa'];
        yield 'a preload at no yield' => [fn () => $tightening->preloadAtYield(0.0, 0.1), 'The yield in MPa'];
        yield 'a thread that takes more than the whole' => [fn () => $tightening->measuredFriction(10.0, 11.0, Force::newtons(1.0)), 'The torque of the thread in N·m: 0 to 10'];
        yield 'a nut factor of nothing' => [fn () => Tightening::preloadByNutFactor(0.0, 10.0, 45.0), 'above 0'];
        yield 'a stated strength of nothing' => [fn () => Strength::stated('x', Stress::megapascals(0.0)), 'A yield or proof stress'];
        yield 'a shank of nothing' => [fn () => new BoltBody($m10, [[10.0, 0.0]], 0.0), 'The diameter of a shank'];
        yield 'a length below nothing' => [fn () => new BoltBody($m10, [], -1.0), 'A length in mm: at least 0'];
        yield 'a bolt into nowhere' => [fn () => new BoltBody($m10, [], 1.0, false, 'air'), 'not into "air"'];
        yield 'a spring without area' => [fn () => BoltBody::hooke(Force::newtons(1.0), [[1.0, 0.0]], 205e3), 'An area or modulus'];
        yield 'a joint without stiffness' => [fn () => new Clamping(1.5, 0.0, 1e6), 'A pitch or stiffness'];
        yield 'members without grip' => [fn () => Clamping::memberStiffness(205e3, 10.0, 0.0), 'A modulus, diameter or grip'];
        yield 'a torque that does not rise' => [fn () => (new Clamping(1.5, 1e5, 1e6))->thresholdShift(10.0, 15.0, 0.0), 'The rise of the torque'];
        yield 'a movement without pitch' => [fn () => Clamping::leastMovement(0.1, 0.0), 'The pitch: above 0'];
        yield 'less scatter than none' => [fn () => Scatter::halfSpan(0.5), 'The scatter: 1 to 100'];
        yield 'a run-out of nothing' => [fn () => MeasuredChecks::runOut([]), 'At least one of the readings'];
    }
}
