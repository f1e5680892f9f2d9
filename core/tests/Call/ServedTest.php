<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\RackTool;
use Tekkal\Core\Call\Served;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\WrenchClass;

/** A procedure held against a crib: facts of the trade (common practice, no source). */
final class ServedTest extends TestCase
{
    public function test_every_procedure_that_ships_can_be_carried_out_with_one_good_tool_of_each_kind(): void
    {
        foreach (glob(__DIR__.'/../../../database/seeders/demo/library/*.json') ?: [] as $file) {
            foreach (self::needs((string) file_get_contents($file), ShopRack::good()) as $need) {
                self::assertNotSame([], $need['fit'], basename($file).': '.json_encode($need, JSON_THROW_ON_ERROR));
                self::assertNull($need['would']);
            }
        }
    }

    public function test_the_tool_whose_range_is_filled_best_comes_first_and_each_other_says_why_not(): void
    {
        $needs = self::torque(ShopRack::of(ShopRack::wrench('BIG', WrenchClass::IC), ShopRack::wrench('RIGHT', WrenchClass::IB, '12 N.m', '60 N.m'), ShopRack::wrench('SMALL', WrenchClass::IB, '2 N.m', '20 N.m'), ShopRack::wrench('OLD', WrenchClass::IB, due: '2026-02-01'), self::dropped()));

        self::assertSame(['RIGHT', 'BIG'], $needs['fit']);
        $why = array_column($needs['others'], 'why', 'tool');
        self::assertSame(["SMALL is for 2–20\u{A0}N·m; 32\u{A0}N·m lies above that."], $why['SMALL']);
        self::assertSame(['OLD is out of calibration: its calibration was due by 1 February 2026.'], $why['OLD']);
        self::assertSame(['GONE is out of use: it was dropped.'], $why['GONE']);
    }

    public function test_where_none_can_it_is_said_what_would(): void
    {
        $needs = self::torque(ShopRack::of(ShopRack::wrench('SMALL', WrenchClass::IB, '2 N.m', '20 N.m')));

        self::assertSame([], $needs['fit']);
        self::assertStringStartsWith("a torque wrench whose range holds 32\u{A0}N·m, whose scale has a step in 30–34\u{A0}N·m", (string) $needs['would']);
    }

    private static function dropped(): RackTool
    {
        $tool = ShopRack::wrench('GONE', WrenchClass::IB);

        return new RackTool('GONE', 'x', new Tool('GONE', ToolKind::TorqueWrench, $tool->tool->range, $tool->tool->resolution, notes: new ToolNotes(class: WrenchClass::IB, outOfUse: 'it was dropped')), $tool->history);
    }

    /** @return array{stage: string, kind: string, asks: string, fit: list<string>, others: list<array{tool: string, why: list<string>}>, would: string|null} */
    private static function torque(Rack $rack): array
    {
        return self::needs((string) file_get_contents(__DIR__.'/../../../database/seeders/demo/tn3-main-caps.json'), $rack)[0];
    }

    /** @return list<array{stage: string, kind: string, asks: string, fit: list<string>, others: list<array{tool: string, why: list<string>}>, would: string|null}> */
    private static function needs(string $json, Rack $rack): array
    {
        return (new Served(new RunFold(Expander::expand(DocumentReader::read((array) json_decode($json, true, flags: JSON_THROW_ON_ERROR)))), $rack))->toArray();
    }
}
