<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Simulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Simulation\Manner;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedWrench;
use Tekkal\Core\Unit\Written;

final class SimulatedWrenchTest extends TestCase
{
    /**
     * 20,000 draws of N(0, 1): mean 0 and standard deviation 1 within five standard errors, and 68.27 % within ±1
     * (normal distribution, any statistics handbook).
     */
    public function test_the_noise_is_standard_normal(): void
    {
        $noise = new SeededNoise('check');
        $draws = array_map(fn (): float => $noise->normal(), range(1, 20_000));
        $mean = array_sum($draws) / 20_000;
        $deviation = sqrt(array_sum(array_map(fn (float $x): float => ($x - $mean) ** 2, $draws)) / 19_999);

        self::assertEqualsWithDelta(0, $mean, 5 / sqrt(20_000));
        self::assertEqualsWithDelta(1, $deviation, 5 / sqrt(40_000));
        self::assertEqualsWithDelta(0.6827, count(array_filter($draws, fn (float $x): bool => abs($x) <= 1)) / 20_000, 0.017);
    }

    public function test_the_same_seed_gives_the_same_noise_and_another_does_not(): void
    {
        self::assertSame((new SeededNoise('a'))->normal(), (new SeededNoise('a'))->normal());
        self::assertNotSame((new SeededNoise('a'))->normal(), (new SeededNoise('b'))->normal());
    }

    /** @return iterable<string, array{Manner, Verdict}> */
    public static function manners(): iterable
    {
        yield 'a good pull lies in its window' => [Manner::Good, Verdict::In];
        yield 'a short pull lies below it' => [Manner::Short, Verdict::Low];
        yield 'a pull too far lies above it' => [Manner::Over, Verdict::High];
    }

    #[DataProvider('manners')]
    public function test_a_simulated_pull_comes_out_as_it_is_meant(Manner $manner, Verdict $verdict): void
    {
        $window = new Window(Written::fromCode('30', 'N.m'), Written::fromCode('34', 'N.m'));
        $wrench = new SimulatedWrench(new SeededNoise('pulls'));
        foreach (['0.1 N.m', '0.5 lbf.ft'] as $scale) {
            [$digits, $unit] = explode(' ', $scale);
            for ($i = 0; $i < 200; $i++) {
                $pull = $wrench->pull($window, Written::fromCode($digits, $unit), $manner);
                self::assertSame($verdict, $window->judge($pull->quantity()), $pull->typeset());
            }
        }
    }
}
