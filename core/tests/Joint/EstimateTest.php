<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Joint;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Joint\Scatter;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Unit\Stress;

/** What the check values of ReferenceValuesTest do not say: which threads there are, and what an estimate does without its data. */
final class EstimateTest extends TestCase
{
    /** Stress areas that ISO 898-1 prints for sizes and pitches not among the check values (from memory), in mm². */
    public function test_odd_sizes_and_fine_pitches_have_the_stress_area_that_is_printed(): void
    {
        foreach (['M7' => 28.9, 'M9' => 48.1, 'M11' => 72.3, 'M12x1.25' => 92.1, 'M14x1.5' => 125, 'M18x1.5' => 216, 'M20x1.5' => 272, 'M24x2' => 384] as $name => $area) {
            self::assertEqualsWithDelta($area, Thread::named($name)->stressArea(), 0.005 * $area, $name);
        }
    }

    public function test_a_thread_is_read_as_people_write_it(): void
    {
        foreach (['M10x1.25', 'M10 × 1.25', 'M 10 X 1.25'] as $name) {
            self::assertSame([10.0, 1.25], [Thread::named($name)->d, Thread::named($name)->pitch]);
        }
        self::assertEqualsWithDelta(25.4 * 0.375, Thread::named('3/8-16 UNC')->d, 1e-12);
        self::assertEqualsWithDelta(25.4 / 14, Thread::named('7/16-14')->pitch, 1e-12);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noThreads(): iterable
    {
        yield 'a size that is none' => ['M13', 'not among the sizes'];
        yield 'a pitch that is none' => ['M10x1.3', 'pitches of 1.5, 1.25, 1, 0.75 mm, not 1.3'];
        yield 'an inch count that is none' => ['3/8-20', '16 or 24 threads per inch, not 20'];
        yield 'an inch size that is none' => ['11/32-20', 'not among the sizes'];
        yield 'no thread at all' => ['ten millimetres', 'write it as M10'];
    }

    #[DataProvider('noThreads')]
    public function test_a_thread_that_the_series_do_not_have_is_refused(string $name, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);

        Thread::named($name);
    }

    public function test_what_a_standard_prints_is_kept_beside_what_is_computed(): void
    {
        $thread = Thread::named('M16');
        $strength = Strength::named('8.8', $thread);

        self::assertSame(91_000.0, $strength->printedProofLoad($thread)?->newtons);
        self::assertEqualsWithDelta(90_900, $strength->proofLoad($thread)->newtons, 150, '580 MPa on 156.7 mm²');
        self::assertNull($strength->printedProofLoad(Thread::named('M7')));
        self::assertSame(700.0, Strength::stated('made', Stress::megapascals(700))->proof->megapascals);
        $this->expectExceptionMessage('no class or grade known here');
        Strength::named('11.9', $thread);
    }

    public function test_friction_out_of_bounds_or_of_an_unknown_condition_is_refused(): void
    {
        foreach ([fn (): Friction => Friction::known(0.9), fn (): Friction => Friction::ofCondition('jam'), fn (): Friction => new Friction(0.3, 0.1, 0.1, 0.2, 'x')] as $wrong) {
            try {
                $wrong();
                self::fail('It was accepted.');
            } catch (InvalidArgumentException $e) {
                self::assertMatchesRegularExpression('/wanted|known|must lie/', $e->getMessage());
            }
        }
    }

    public function test_an_estimate_has_its_range_its_shares_and_its_assumptions(): void
    {
        $estimate = new Estimate(self::data(), 45.0);

        self::assertLessThan($estimate->nominal?->newtons, $estimate->low?->newtons);
        self::assertLessThan($estimate->high?->newtons, $estimate->nominal?->newtons);
        self::assertEqualsWithDelta(0.82, $estimate->proofShare() ?? 0.0, 0.01);
        self::assertGreaterThan($estimate->proofShare() * 580 / 640, $estimate->yieldShare(), 'torsion takes its part');
        self::assertCount(3, $estimate->assumptions);
        self::assertSame([], $estimate->missing);
    }

    public function test_past_the_proof_load_elastic_arithmetic_says_that_it_is_not_valid(): void
    {
        $estimate = new Estimate(self::data(), 45.0, 60.0);

        self::assertTrue($estimate->pastProof);
        self::assertNull($estimate->yieldShare());
        self::assertNull($estimate->stretch());
        self::assertContains('Past the proof load: the estimate is not valid; the fastener yields or is close to it.', $estimate->sentences());
    }

    public function test_the_other_surface_condition_gives_another_clamp(): void
    {
        $estimate = new Estimate(self::data(), 45.0);

        self::assertGreaterThan($estimate->nominal?->newtons, $estimate->under('molybdenum grease')?->newtons);
        self::assertLessThan($estimate->nominal?->newtons, $estimate->under('dry')?->newtons);
    }

    /** @return iterable<string, array{JointData, float|null, float|null, string}> */
    public static function gaps(): iterable
    {
        $d = self::data();
        yield 'no friction' => [new JointData($d->thread, $d->strength, null, $d->bearingDiameter, $d->holeDiameter), 45.0, null, 'Without the friction there is no estimate of the clamp.'];
        yield 'no torque' => [$d, null, null, 'Without a torque there is no estimate of the clamp.'];
        yield 'no strength' => [new JointData($d->thread, null, $d->friction, $d->bearingDiameter, $d->holeDiameter), 45.0, null, 'Without the strength there is no estimate of the share of proof and yield.'];
        yield 'an angle on unknown members' => [new JointData($d->thread, $d->strength, $d->friction, $d->bearingDiameter, $d->holeDiameter, $d->body), 45.0, 30.0, 'Without the stiffness of the members there is no estimate of what the angle adds.'];
        yield 'nothing' => [new JointData, null, null, 'Without the thread, the friction, the bearing diameter, the hole diameter, a torque there is no estimate of the clamp.'];
    }

    #[DataProvider('gaps')]
    public function test_what_is_missing_is_named_with_the_estimate_it_prevents(JointData $data, ?float $torque, ?float $degrees, string $sentence): void
    {
        $estimate = new Estimate($data, $torque, $degrees);

        self::assertContains($sentence, $estimate->missing);
        self::assertTrue($estimate->nominal === null || ! str_contains($sentence, 'clamp'));
    }

    public function test_the_angle_scatters_less_than_the_torque_in_the_table_too(): void
    {
        self::assertLessThan(Scatter::halfSpan(Scatter::Torque->factor()[1]), Scatter::halfSpan(Scatter::Angle->factor()[1]));
    }

    private static function data(): JointData
    {
        $thread = Thread::named('M10');

        return new JointData($thread, Strength::named('8.8', $thread), Friction::ofCondition('engine oil'), 14.63, 11.0, new BoltBody($thread, [[30, 10]], 14), Clamping::memberStiffness(205_000, 10, 44));
    }
}
