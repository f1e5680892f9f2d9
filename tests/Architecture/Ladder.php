<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** An area imports only areas to its left, Shared and Core. Held by PHPStan through phpat. */
final class Ladder
{
    private const AREAS = ['Ledger', 'People', 'Record', 'Library', 'Crib', 'Builds', 'Bench', 'Audit'];

    /** Areas beside the ladder, each with what it may import besides Shared and Core. */
    private const BESIDE = ['Practice' => ['People', 'Library'], 'Simulators' => [], 'Desk' => [], 'Shared' => []];

    /** @return iterable<string, Rule> */
    public function testAnAreaImportsOnlyWhatStandsToItsLeft(): iterable
    {
        foreach (self::AREAS as $i => $area) {
            $forbidden = [...array_slice(self::AREAS, $i + 1), 'Practice', 'Simulators', 'Desk', 'Providers'];
            yield $area => PHPat::rule()
                ->classes(Selector::inNamespace("App\\$area"))
                ->shouldNotDependOn()
                ->classes(...array_map(fn (string $other) => Selector::inNamespace("App\\$other"), $forbidden))
                ->because('an area imports only areas to its left, Shared and Core');
        }
    }

    /** @return iterable<string, Rule> */
    public function testWhatStandsBesideTheLadderKnowsLittleOfIt(): iterable
    {
        foreach (self::BESIDE as $area => $may) {
            yield $area => PHPat::rule()->classes(Selector::inNamespace("App\\$area"))->shouldNotDependOn()->classes(Selector::inNamespace('App'))
                ->excluding(...array_map(fn (string $other) => Selector::inNamespace("App\\$other"), [$area, 'Shared', ...$may]))
                ->because('what stands beside the ladder holds on to as little of it as it can');
        }
    }

    public function testNothingRealRestsOnTheSimulation(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('App'))
            ->excluding(Selector::inNamespace('App\\Simulators'), Selector::inNamespace('App\\Practice'))
            ->shouldNotDependOn()->classes(Selector::inNamespace('Tekkal\\Core\\Simulation'))
            ->because('only stand-ins, practice and the demo simulate');
    }
}
