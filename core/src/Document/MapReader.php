<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Unit\Length;

/** Reads the joint's plan view. */
final class MapReader
{
    public const MOST_POSITIONS = 2000;

    /**
     * @param  list<string>  $groups
     * @param  list<string>  $adapters
     */
    public static function read(ObjectReader $map, array $groups, array $adapters = []): FastenerMap
    {
        $map->millimetres('width');
        $map->millimetres('height');
        $map->oneOf('front', ['left', 'right', 'top', 'bottom']);
        $names = $map->keyed('parts', self::part(...));
        $parts = array_keys($names);
        $numbers = $demanded = [];
        $positions = $map->keyed('positions', function (ObjectReader $p, string $key) use ($groups, $parts, $adapters, &$numbers, &$demanded): Position {
            $number = $p->string('number');
            if (isset($numbers[$number])) {
                $p->problem('number', 'a number that no other position has is wanted');
            }
            $numbers[$number] = true;

            if ($p->has('adapter')) {
                $demanded[$key] = $p->oneOf('adapter', $adapters);
            }

            return self::position($p, $key, $number, $groups, $parts);
        });
        if (count($positions) > self::MOST_POSITIONS) {
            $map->problem('positions', sprintf('at most %d positions are taken; this has %d', self::MOST_POSITIONS, count($positions)));
        }
        $map->close();

        return new FastenerMap(array_values($positions), $names, $demanded);
    }

    private static function part(ObjectReader $part): string
    {
        $part->oneOf('shape', ['box', 'cap', 'round']);
        array_map($part->millimetres(...), ['x', 'y', 'width', 'height']);

        return $part->string('name');
    }

    /**
     * @param  list<string>  $groups
     * @param  list<string>  $parts
     */
    private static function position(ObjectReader $p, string $key, string $number, array $groups, array $parts): Position
    {
        return new Position(
            $key,
            $number,
            Length::millimetres($p->millimetres('x')),
            Length::millimetres($p->millimetres('y')),
            $p->oneOf('group', $groups),
            $p->oneOf('part', $parts),
            $p->optionalString('landmark'),
        );
    }
}
