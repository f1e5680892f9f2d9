<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;

/**
 * Two four-bolt main caps: inner bolts +80° and outer +53° after the same 15 lbf·ft. Common practice, no source;
 * the windows (±10 %, ±5°) are a shop's usual, no source.
 */
final class CommonPractice
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        $sequence = ['i1', 'i2', 'i3', 'i4', 'o1', 'o2', 'o3', 'o4'];

        return [
            'format' => 'tekkal.procedure/1', 'family' => 'Check', 'joint' => 'Main caps', 'option' => 'stock bolts', 'risk_class' => 'A',
            'map' => [
                'width' => '200', 'height' => '160', 'front' => 'left',
                'parts' => [self::part('cap1', '20'), self::part('cap2', '120')],
                'positions' => [
                    self::position('i1', '1', '40', '60', 'inner', 'cap1'), self::position('i2', '2', '140', '100', 'inner', 'cap2'),
                    self::position('i3', '3', '140', '60', 'inner', 'cap2'), self::position('i4', '4', '40', '100', 'inner', 'cap1'),
                    self::position('o1', '5', '40', '20', 'outer', 'cap1'), self::position('o2', '6', '140', '140', 'outer', 'cap2'),
                    self::position('o3', '7', '140', '20', 'outer', 'cap2'), self::position('o4', '8', '40', '140', 'outer', 'cap1'),
                ],
            ],
            'fasteners' => [[
                'key' => 'bolt', 'name' => 'M10 bolt', 'thread' => 'M10', 'length' => '90 mm', 'strength' => '10.9',
                'head' => 'hex', 'across_flats' => '16 mm', 'marking' => '10.9', 'reuse' => 'free',
            ]],
            'groups' => [['key' => 'inner', 'name' => 'inner', 'fastener' => 'bolt'], ['key' => 'outer', 'name' => 'outer', 'fastener' => 'bolt']],
            'surfaces' => [['surface' => 'threads', 'condition' => 'engine oil']],
            'sources' => [['key' => 'cp', 'kind' => 'shop_standard', 'title' => 'common practice', 'edition' => 'none', 'date' => 'none', 'page' => 'none']],
            'stages' => [
                ['key' => 'snug', 'kind' => 'torque', 'sequence' => $sequence, 'motion' => 'one_motion', 'why' => 'draws the caps flat', 'targets' => [
                    self::target('inner', '15', '13.5', '16.5', 'lbf.ft'), self::target('outer', '15', '13.5', '16.5', 'lbf.ft'),
                ]],
                ['key' => 'turn', 'kind' => 'turn', 'sequence' => $sequence, 'motion' => 'one_motion', 'why' => 'sets the clamp', 'threshold' => '15 lbf·ft', 'targets' => [
                    self::target('inner', '80', '75', '85', 'deg'), self::target('outer', '53', '48', '58', 'deg'),
                ]],
            ],
            'cautions' => [],
        ];
    }

    public static function revision(): Revision
    {
        return DocumentReader::read(self::document());
    }

    public static function plan(): Plan
    {
        return Expander::expand(self::revision());
    }

    /** @return array<string, mixed> */
    private static function target(string $group, string $target, string $low, string $high, string $unit): array
    {
        $value = fn (string $digits): string => $unit === 'deg' ? $digits.'°' : $digits.' '.$unit;

        return ['group' => $group, 'target' => $value($target), 'low' => $value($low), 'high' => $value($high), 'target_source' => 'cp', 'window_source' => 'cp'];
    }

    /** @return array<string, string> */
    private static function part(string $key, string $x): array
    {
        return ['key' => $key, 'name' => $key, 'shape' => 'cap', 'x' => $x, 'y' => '5', 'width' => '40', 'height' => '150'];
    }

    /** @return array<string, string> */
    private static function position(string $key, string $number, string $x, string $y, string $group, string $part): array
    {
        return ['key' => $key, 'number' => $number, 'x' => $x, 'y' => $y, 'group' => $group, 'part' => $part];
    }
}
