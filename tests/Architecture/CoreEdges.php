<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Brick\Math\RoundingMode;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Tekkal\Core\Bounds;
use Tekkal\Core\CoreException;

/** Who imports whom in the core; all else is refused. The core knows no framework and no application. */
final class CoreEdges
{
    private const MAY = [
        'Statistics' => [],
        'Ledger' => [],
        'Unit' => [],
        'Acceptance' => ['Unit', 'Statistics'],
        'Joint' => ['Unit', 'Statistics'],
        'Sequence' => ['Unit'],
        'Tool' => ['Unit', 'Acceptance', 'Statistics', 'Joint'],
        'Document' => ['Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Fault' => ['Document', 'Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Plan' => ['Fault', 'Document', 'Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Plausibility' => ['Plan', 'Fault', 'Document', 'Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Run' => ['Plan', 'Fault', 'Document', 'Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Call' => ['Run', 'Plan', 'Fault', 'Document', 'Unit', 'Joint', 'Sequence', 'Acceptance', 'Tool', 'Ledger'],
        'Schedule' => ['Run', 'Plan', 'Document', 'Tool', 'Unit'],
        'Review' => ['Run', 'Plan', 'Document', 'Tool', 'Acceptance', 'Ledger', 'Unit', 'Joint', 'Statistics'],
    ];

    /** Exact decimals come out of Unit; these parts round and compare them. */
    private const MAY_USE_DECIMALS = ['Unit', 'Acceptance', 'Tool', 'Call', 'Simulation'];

    /** @return iterable<string, Rule> */
    public function testEachPartOfTheCoreImportsOnlyItsOwn(): iterable
    {
        foreach (self::MAY as $part => $may) {
            yield $part => PHPat::rule()
                ->classes(Selector::inNamespace("Tekkal\\Core\\$part"))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace('Tekkal\\Core'))
                ->excluding(Selector::classname(CoreException::class), Selector::classname(Bounds::class), ...array_map(fn (string $p) => Selector::inNamespace("Tekkal\\Core\\$p"), [$part, ...$may]))
                ->because('the house allows no such edge');
        }
    }

    public function testTheCoreKnowsNothingButItselfAndExactDecimals(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Tekkal\\Core'))->canOnlyDependOn()
            ->classes(Selector::inNamespace('Tekkal\\Core'), Selector::inNamespace('Brick\\Math'))
            ->because('the rules of the job stand on their own');
    }

    public function testExactDecimalsAreForFewPartsOfTheCore(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Tekkal\\Core'))
            ->excluding(...array_map(fn (string $p) => Selector::inNamespace("Tekkal\\Core\\$p"), self::MAY_USE_DECIMALS))
            ->shouldNotDependOn()->classes(Selector::inNamespace('Brick\\Math'))->excluding(Selector::classname(RoundingMode::class))
            ->because('a quantity carries its own arithmetic; only how to round is said from outside');
    }
}
