<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\Instant;

/** Examples of RFC 3339, section 5.8. */
final class InstantTest extends TestCase
{
    public function test_a_moment_is_the_same_whatever_offset_it_is_written_with(): void
    {
        self::assertEquals(Instant::of('1996-12-20T00:39:57Z'), Instant::of('1996-12-19T16:39:57-08:00'));
        self::assertSame('1996-12-20T00:39:57+00:00', Instant::of('1996-12-19T16:39:57-08:00')->format('c'));
    }

    public function test_parts_of_a_second_are_kept(): void
    {
        self::assertSame('1985-04-12 23:20:50.520 UTC', Instant::of('1985-04-12T23:20:50.52Z')->format('Y-m-d H:i:s.v e'));
        self::assertSame('1937-01-01 11:40:27.870', Instant::of('1937-01-01T12:00:27.87+00:20')->format('Y-m-d H:i:s.v'));
    }
}
