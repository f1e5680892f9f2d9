<?php

declare(strict_types=1);

namespace Database\Seeders;

use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** The invented tools of Fenmoor Engine Works. */
final class DemoCrib
{
    private const IN_DATE = [[-290, -108], [-115, 68]];

    /** @return list<array{Tool, string, list<array{int, int}>}> each with its name, and when it was calibrated and is due again, in days from today */
    public static function tools(): array
    {
        return [
            self::wrench('TW-02', 'Recording wrench, 3/4 in drive', WrenchClass::IC, '40 N.m', '340 N.m', '0.5 N.m'),
            self::wrench('TW-04', 'Recording wrench, 1/2 in drive', WrenchClass::IC, '12 N.m', '60 N.m', '0.1 N.m'),
            self::wrench('TW-05', 'Dial wrench, 1/2 in drive', WrenchClass::IB, '20 N.m', '120 N.m', '0.5 N.m'),
            self::wrench('TW-07', 'Dial wrench, 1/2 in drive', WrenchClass::IB, '15 lbf.ft', '75 lbf.ft', '0.5 lbf.ft', [[-385, -202], [-201, -18]]),
            self::wrench('TW-09', 'Small dial wrench, 1/4 in drive', WrenchClass::IB, '2 N.m', '20 N.m', '0.1 N.m', [[-90, 93]]),
            self::wrench('TW-11', 'Click wrench, 3/8 in drive', WrenchClass::IIA, '10 N.m', '60 N.m', '0.5 N.m'),
            self::gauge('AG-02', 'Angle gauge with magnet arm', ToolKind::AngleGauge, '0 deg', '360 deg', '1 deg', [[-252, -70], [-73, 110]]),
            self::gauge('DG-03', 'Stretch comparator for rod bolts', ToolKind::DialGauge, '0 in', '0.05 in', '0.0001 in'),
            self::gauge('DG-05', 'Dial indicator with magnet foot', ToolKind::DialGauge, '0 mm', '10 mm', '0.01 mm'),
            self::gauge('MM-01', 'Outside micrometer, 50 to 75 mm', ToolKind::Micrometer, '50 mm', '75 mm', '0.001 mm'),
            self::gauge('FG-01', 'Feeler gauges', ToolKind::FeelerGauge, '0.05 mm', '1 mm', '0.05 mm'),
        ];
    }

    /**
     * @param  list<array{int, int}>  $calibrations
     * @return array{Tool, string, list<array{int, int}>}
     */
    private static function wrench(string $code, string $name, WrenchClass $class, string $low, string $high, string $step, array $calibrations = self::IN_DATE): array
    {
        return [new Tool($code, ToolKind::TorqueWrench, new ToolRange(Written::coded($low), Written::coded($high)), Written::coded($step), notes: new ToolNotes(class: $class)), $name, $calibrations];
    }

    /**
     * @param  list<array{int, int}>  $calibrations
     * @return array{Tool, string, list<array{int, int}>}
     */
    private static function gauge(string $code, string $name, ToolKind $kind, string $low, string $high, string $step, array $calibrations = self::IN_DATE): array
    {
        return [new Tool($code, $kind, new ToolRange(Written::coded($low), Written::coded($high)), Written::coded($step)), $name, $calibrations];
    }
}
