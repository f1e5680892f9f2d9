<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class WorkbenchTest extends FeatureTestCase
{
    public function test_a_joint_is_estimated_with_its_curve_and_what_other_surfaces_would_do(): void
    {
        $joint = $this->world->desk('lead', 'POST', 'library/workbench/joint', [
            'thread' => 'M10x1.5', 'strength' => '10.9', 'condition' => 'engine oil', 'torque' => '40 N·m', 'angle' => '30°', 'head' => 'hex', 'bearing' => '14.6 mm', 'hole' => '11 mm', 'grip' => '60 mm', 'members' => 'steel',
        ])->assertOk();
        // ISO 898-1:2013 Table 4: proof load of M10, class 10.9: 48 100 N; table 2 of ISO 898-1: nominal stress area 58.0 mm².
        self::assertEqualsWithDelta(48.1, $joint->json('proof_kn'), 0.1);
        self::assertEqualsWithDelta(58.0, $joint->json('stress_area_mm2'), 0.05);
        self::assertSame(['torque', 'angle'], array_values(array_unique(array_column((array) $joint->json('curve'), 'phase'))));
        self::assertLessThan($joint->json('high_kn'), $joint->json('low_kn'));
        $by = array_column((array) $joint->json('surfaces'), 'clamp_kn', 'condition');
        self::assertGreaterThan($by['dry'], $by['molybdenum grease']);
    }

    public function test_what_is_not_known_is_named_instead_of_guessed(): void
    {
        $joint = $this->world->desk('lead', 'POST', 'library/workbench/joint', ['thread' => 'M10', 'strength' => null, 'torque' => '40 N·m'])->assertOk()->assertJsonPath('proof_kn', null);
        self::assertNotSame([], $joint->json('missing'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        $pulls = fn (string ...$angles): array => array_map(fn (string $a): array => ['angle' => $a, 'stretch' => '0.15'], array_values($angles));
        yield 'no thread' => ['joint', [], 'thread', 'Write the thread, such as M10x1.25 or 7/16-20 UNF.'];
        yield 'a thread that is none' => ['joint', ['thread' => 'wide'], 'thread', '"wide" is not known here. Write a thread such as M10x1.25 or 7/16-20 UNF.'];
        yield 'a torque without its unit' => ['joint', ['thread' => 'M10', 'torque' => '40'], 'torque', '"40" is no torque with its unit, such as 45 N·m.'];
        yield 'an angle in torque' => ['joint', ['thread' => 'M10', 'angle' => '40 N·m'], 'angle', '"40 N·m" is no angle with its unit, such as 80°.'];
        yield 'two pulls' => ['trial', ['pulls' => $pulls('50', '55'), 'low' => '0.14', 'high' => '0.16', 'graduation' => '1'], 'pulls', 'At least three pulls are needed for a line and its scatter.'];
        yield 'pulls of one angle' => ['trial', ['pulls' => $pulls('50', '50', '50'), 'low' => '0.14', 'high' => '0.16', 'graduation' => '1'], 'pulls', 'The pulls are all of one angle; a line needs at least two different ones.'];
        yield 'a window upside down' => ['trial', ['pulls' => $pulls('50', '55', '60'), 'low' => '0.16', 'high' => '0.14', 'graduation' => '1'], 'high', 'The upper limit must lie above the lower one.'];
        yield 'one length' => ['pairing', ['lengths' => [['name' => 'a', 'length' => '60 mm']]], 'lengths', 'At least two fasteners are paired.'];
        yield 'a length without its unit' => ['pairing', ['lengths' => [['name' => 'a', 'length' => '60'], ['name' => 'b', 'length' => '60 mm']]], 'lengths', 'The free length of a: "60" is no length with its unit, such as 2.4375 in.'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('refused')]
    public function test_it_refuses_with_the_field_and_what_would_do(string $of, array $body, string $field, string $sentence): void
    {
        $this->world->desk('lead', 'POST', "library/workbench/$of", $body)->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $sentence);
    }

    public function test_an_angle_trial_finds_the_line_and_the_angle_for_the_middle_of_the_window(): void
    {
        // By hand: 0.002 mm per degree exactly, 0.100 mm at 50°; the middle of 0.110–0.130 mm is met at 60°.
        $trial = $this->world->desk('lead', 'POST', 'library/workbench/trial', ['pulls' => [['angle' => '50', 'stretch' => '0.100'], ['angle' => '60', 'stretch' => '0.120'], ['angle' => '70', 'stretch' => '0.140']], 'low' => '0.110', 'high' => '0.130', 'graduation' => '5'])->assertOk();
        self::assertEqualsWithDelta(0.002, $trial->json('slope'), 1e-9);
        self::assertEqualsWithDelta(60.0, $trial->json('chosen'), 1e-9);
    }

    public function test_lengths_are_paired_so_that_the_differences_are_least_together(): void
    {
        // By hand: 60.00/60.01 and 60.10/60.12 leave 0.03 mm; every other pairing leaves more.
        $this->world->desk('lead', 'POST', 'library/workbench/pairing', ['lengths' => [['name' => 'a', 'length' => '60.00 mm'], ['name' => 'b', 'length' => '60.10 mm'], ['name' => 'c', 'length' => '60.12 mm'], ['name' => 'd', 'length' => '60.01 mm']]])->assertOk()
            ->assertJsonPath('left_over', null)->assertJsonCount(2, 'pairs')->assertJsonPath('total_um', fn (float|int $um): bool => abs($um - 30) < 1e-6);
    }
}
