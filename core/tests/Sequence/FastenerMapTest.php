<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Sequence;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Unit\Length;

final class FastenerMapTest extends TestCase
{
    public function test_positions_keep_the_documents_order_and_are_found_by_key_and_group(): void
    {
        $map = new FastenerMap([self::position('b', 'outer'), self::position('a', 'inner'), self::position('c', 'inner')]);

        self::assertSame(['b', 'a', 'c'], array_map(fn (Position $p): string => $p->key, $map->positions));
        self::assertSame(['a', 'c'], array_map(fn (Position $p): string => $p->key, $map->inGroup('inner')));
        self::assertTrue($map->has('b'));
        self::assertSame('outer', $map->position('b')->group);
    }

    public function test_a_key_that_two_positions_share_is_refused(): void
    {
        $this->expectExceptionMessage('Two positions have the key "a".');

        new FastenerMap([self::position('a', 'inner'), self::position('a', 'outer')]);
    }

    public function test_a_position_that_the_map_lacks_is_named(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('no position "z"');

        (new FastenerMap([]))->position('z');
    }

    private static function position(string $key, string $group): Position
    {
        return new Position($key, $key, Length::millimetres(0), Length::millimetres(0), $group, 'part');
    }
}
