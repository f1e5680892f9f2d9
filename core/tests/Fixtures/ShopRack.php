<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Tekkal\Core\Call\Rack;
use Tekkal\Core\Call\RackTool;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** Tools for every procedure that ships. */
final class ShopRack
{
    /** One of each kind that shows what it measures, and a second wrench for whoever holds. */
    public static function good(): Rack
    {
        return self::of(self::wrench('W1', WrenchClass::IC), self::wrench('W2', WrenchClass::IB), ...self::gauges());
    }

    /** Before those, a wrench that only clicks: it is taken wherever a word is enough. */
    public static function clicking(): Rack
    {
        return self::of(self::wrench('C1', WrenchClass::IIA), ...self::good()->tools);
    }

    /** Two of each, so that one may be dropped. */
    public static function plenty(): Rack
    {
        $second = array_map(fn (RackTool $t): RackTool => new RackTool("{$t->id}b", $t->name, new Tool("{$t->tool->code}b", $t->tool->kind, $t->tool->range, $t->tool->resolution, notes: new ToolNotes(class: $t->tool->class)), $t->history), array_values(self::good()->tools));

        return self::of(...array_values(self::good()->tools), ...$second);
    }

    public static function of(RackTool ...$tools): Rack
    {
        return new Rack(array_values($tools), Day::of('2026-03-02'));
    }

    public static function wrench(string $code, ?WrenchClass $class, string $low = '0.5 N.m', string $high = '800 N.m', string $step = '0.1 N.m', string $due = '2026-09-01'): RackTool
    {
        return self::tool($code, ToolKind::TorqueWrench, $low, $high, $step, $class, $due);
    }

    public static function tool(string $code, ToolKind $kind, string $low, string $high, string $step, ?WrenchClass $class = null, string $due = '2026-09-01'): RackTool
    {
        return new RackTool(
            $code, ucfirst($kind->words()),
            new Tool($code, $kind, new ToolRange(Written::coded($low), Written::coded($high)), Written::coded($step), notes: new ToolNotes(class: $class)),
            new CalibrationHistory([new Calibration("cal-$code", Day::of('2026-01-05'), Day::of($due), true)]),
        );
    }

    /** @return list<RackTool> */
    private static function gauges(): array
    {
        return [
            self::tool('AG', ToolKind::AngleGauge, '0 deg', '360 deg', '1 deg'),
            self::tool('MM', ToolKind::Micrometer, '0 mm', '300 mm', '0.001 mm'),
            self::tool('DG', ToolKind::DialGauge, '0 mm', '30 mm', '0.001 mm'),
            self::tool('PG', ToolKind::PlasticGauge, '0.01 mm', '0.5 mm', '0.001 mm'),
        ];
    }
}
