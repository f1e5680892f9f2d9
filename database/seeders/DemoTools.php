<?php

declare(strict_types=1);

namespace Database\Seeders;

use LogicException;

/**
 * The invented tools of Fenmoor Engine Works.
 *
 * @phpstan-type DemoTool array{array<string, string>, list<int>, 2?: array{float, float}, 3?: int|null}
 */
final class DemoTools
{
    /** Days from today on which most were calibrated, every half year. */
    private const USUAL = [-660, -480, -298, -115];

    /** @return list<DemoTool> those that the small demo has */
    public static function few(): array
    {
        return [
            [self::wrench('TW-02', 'Recording wrench, 3/4 in drive', 'I_C', '40 340 0.5', 'Drawer 3'), self::USUAL, [0.2, 0.5]],
            [self::wrench('TW-04', 'Recording wrench, 1/2 in drive', 'I_C', '12 60 0.1', 'Drawer 1'), self::USUAL, [0.1, 0.3]],
            [self::wrench('TW-05', 'Dial wrench, 1/2 in drive', 'I_B', '20 120 0.5', 'Drawer 2'), self::USUAL, [0.4, 0.5]],
            [self::failing(), [-690, -560, -385, -201], [0.4, 1.1]],
            [self::wrench('TW-09', 'Small dial wrench, 1/4 in drive', 'I_B', '2 20 0.1', 'Drawer 1'), [-640, -450, -270, -90]],
            [self::wrench('TW-10', 'Dial wrench, 1/2 in drive', 'I_B', '15 75 0.5', 'Drawer 2', 'lbf.ft', ['months' => '6']), [-640, -450, -245], [0.3, 0.6]],
            [self::wrench('TW-11', 'Click wrench, 3/8 in drive', 'II_A', '10 60 0.5', 'Drawer 1'), self::USUAL, [0.4, 0.8]],
            [self::gauge('AG-02', 'Angle gauge with magnet arm', 'angle_gauge', 'deg', '0 360 1', 'Drawer 4'), [-620, -435, -252, -73], [0.1, 0.2]],
            [self::gauge('DG-03', 'Stretch comparator for rod bolts', 'stretch_gauge', 'in', '0 0.05 0.0001', 'Drawer 4'), self::USUAL, [0.2, 0.1]],
            [self::gauge('DG-05', 'Dial indicator with magnet foot', 'dial_indicator', 'mm', '0 10 0.01', 'Drawer 5'), self::USUAL, [0.2, 0.2]],
            [self::gauge('MM-01', 'Outside micrometer, 50 to 75 mm', 'micrometer', 'mm', '50 75 0.001', 'Drawer 5'), self::USUAL, [0.3, 0.2]],
            [self::gauge('FG-01', 'Feeler gauges', 'feeler_gauge', 'mm', '0.05 1 0.05', 'Drawer 5'), self::USUAL, [0.0, 0.0]],
        ];
    }

    /** @return list<DemoTool> */
    public static function all(): array
    {
        return [
            ...self::few(),
            [self::wrench('TW-12', 'Click wrench, 1/2 in drive', 'II_A', '40 200 1', 'Drawer 2', more: ['months' => '6']), [-690, -512, -325, -148], [0.3, 1.9]],
            [self::wrench('TW-13', 'Click wrench, 3/8 in drive', 'II_A', '5 25 0.1', 'Drawer 1'), self::USUAL, [-0.3, -0.5]],
            [self::wrench('TW-14', 'Click wrench, 3/8 in drive', 'II_A', '5 25 0.1', 'Drawer 1'), self::USUAL, [0.1, 0.4]],
            [self::wrench('TW-15', 'Click wrench, 1/2 in drive', 'II_A', '40 200 1', 'Drawer 2'), [-590, -226], [0.6, 0.7], 4],
            [self::wrench('TW-16', 'Click wrench, 1/2 in drive', 'II_A', '20 100 0.5', 'Drawer 2', more: ['cycles' => '520']), self::USUAL, [0.5, 0.6]],
            [self::wrench('TW-17', 'Click wrench, 1/2 in drive', 'II_A', '20 100 0.5', 'Drawer 2'), self::USUAL, [0.2, 0.5]],
            [self::wrench('TW-18', 'Electronic wrench with angle, 1/2 in drive', 'I_C', '30 300 0.1', 'Drawer 3', more: ['threshold' => '40 N.m']), [-600, -350], [0.1, 0.1]],
            [self::wrench('TW-19', 'Beam wrench, 1/2 in drive', 'I_A', '0 200 5', 'Drawer 3', more: ['permissible' => '6 %']), self::USUAL, [0.8, 0.1]],
            [self::wrench('TW-21', 'Click wrench, 3/4 in drive', 'II_A', '60 300 1', 'Drawer 3'), [-620, -430], [0.5, 0.9]],
            [self::gauge('MU-01', 'Torque multiplier 5 : 1', 'multiplier', 'N.m', '100 1000 1', 'Drawer 3', ['permissible' => '4 %']), [-400, -40], [0.7, 0.2], 300],
            [self::gauge('AG-03', 'Angle gauge, dial of 2°', 'angle_gauge', 'deg', '0 360 2', 'Drawer 4', ['months' => '6']), [-640, -450, -262]],
            [self::gauge('AG-04', 'Angle gauge with magnet arm', 'angle_gauge', 'deg', '0 360 1', 'Drawer 4'), [-620, -435, -252, -73]],
            [self::gauge('DG-06', 'Stretch comparator, metric', 'stretch_gauge', 'mm', '0 1 0.001', 'Drawer 4'), self::USUAL, [0.2, 0.2]],
            [self::gauge('DG-07', 'Dial indicator, lever type', 'dial_indicator', 'mm', '0 0.8 0.01', 'Drawer 5'), self::USUAL],
            [self::gauge('MM-02', 'Outside micrometer, 25 to 50 mm', 'micrometer', 'mm', '25 50 0.001', 'Drawer 5'), self::USUAL, [0.2, 0.2]],
            [self::gauge('FG-02', 'Feeler gauges, inch', 'feeler_gauge', 'in', '0.002 0.04 0.001', 'Drawer 5'), self::USUAL, [0.0, 0.0]],
            [self::gauge('AD-01', 'Crow-foot, 32 mm', 'adapter', 'mm', '32 32 1', 'Drawer 6', ['length' => '42 mm', 'angle' => '90 deg']), []],
            [self::gauge('AD-02', 'Offset head, 45 mm', 'adapter', 'mm', '45 45 1', 'Drawer 6', ['length' => '60 mm', 'angle' => '0 deg']), []],
            [self::gauge('PD-01', 'Battery driver, seat only', 'powered_driver', 'N.m', '1 8 1', 'Drawer 6'), []],
            [self::gauge('PD-02', 'Battery driver, seat only', 'powered_driver', 'N.m', '1 8 1', 'Drawer 6'), []],
        ];
    }

    /** @return array<string, string> the one whose zero has moved */
    public static function failing(): array
    {
        return self::wrench('TW-07', 'Dial wrench, 1/2 in drive', 'I_B', '15 75 0.1', 'Drawer 2', 'lbf.ft');
    }

    /**
     * @param  string  $scale  from, to and its step
     * @param  array<string, string>  $more
     * @return array<string, string>
     */
    private static function wrench(string $code, string $name, string $class, string $scale, string $place, string $unit = 'N.m', array $more = []): array
    {
        $form = ['I_A' => 'beam_wrench', 'I_B' => 'dial_wrench', 'I_C' => 'electronic_wrench', 'II_A' => 'click_wrench'][$class] ?? throw new LogicException($class);

        return self::gauge($code, $name, $form, $unit, $scale, $place, $more + ['class' => $class]);
    }

    /**
     * @param  array<string, string>  $more
     * @return array<string, string>
     */
    private static function gauge(string $code, string $name, string $form, string $unit, string $scale, string $place, array $more = []): array
    {
        [$low, $high, $step] = explode(' ', $scale);

        return $more + ['code' => $code, 'name' => $name, 'form' => $form, 'unit' => $unit, 'lowest' => $low, 'highest' => $high, 'resolution' => $step, 'place' => $place];
    }
}
