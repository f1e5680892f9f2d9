<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fault;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Controlled;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

/**
 * Every cell of the fault table against a sentence that was written for it. The sentences are facts of the trade (common
 * practice, no source), stand in a file of their own and are not read from the table.
 */
final class FaultTableTest extends TestCase
{
    /** @return array<string, array{string, string, string, string, string}> */
    public static function cells(): array
    {
        $cells = [];
        foreach (array_slice(file(__DIR__.'/golden/fault-outcomes.tsv', FILE_IGNORE_NEW_LINES) ?: [], 1) as $line) {
            [$fault, $controlled, $reuse, $redo, $outcome] = explode("\t", $line);
            $cells["$fault at $controlled, fastener $reuse, redo $redo"] = [$fault, $controlled, $reuse, $redo, $outcome];
        }

        return $cells;
    }

    #[DataProvider('cells')]
    public function test_a_cell_says_what_the_trade_does(string $fault, string $controlled, string $reuse, string $redo, string $outcome): void
    {
        $rule = FaultTable::rule(Fault::from($fault), Controlled::from($controlled), Reuse::from($reuse), Scope::from($redo));

        self::assertSame($outcome, FaultTable::sentence($rule, Scope::from($redo)));
    }

    public function test_no_cell_is_left_out(): void
    {
        $all = count(Fault::cases()) * count(Controlled::cases()) * count(Reuse::cases()) * count(Scope::cases());

        self::assertCount($all, self::cells());
    }

    public function test_a_sourced_rule_of_the_procedure_comes_first_and_only_where_it_says(): void
    {
        $document = CommonPractice::document();
        $document['fault_overrides'] = [['fault' => 'short', 'controlled' => 'torque', 'undo' => 'beginning', 'reach' => 'part', 'replace' => 'yes', 'decides' => 'lead', 'source' => 'cp']];
        $overrides = Expander::expand(DocumentReader::read($document))->faultOverrides;
        $say = fn (Controlled $c): string => FaultTable::sentence(FaultTable::rule(Fault::Short, $c, Reuse::Free, Scope::Position, $overrides), Scope::Position);

        self::assertSame('Take out every position of this part and begin again from the first round, with a new fastener where it went wrong and wherever else it is spent; the lead decides.', $say(Controlled::Torque));
        self::assertSame('Loosen this position and begin again from the torque that the angle is counted from; the assembler decides.', $say(Controlled::Angle));
    }
}
