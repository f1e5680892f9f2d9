<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Ledger;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\Leaf;

final class LeafTest extends TestCase
{
    /** The leaf hash of the empty entry in the test vectors that accompany RFC 6962 and RFC 9162, from memory: SHA-256(0x00). */
    public function test_the_empty_leaf_has_the_published_hash(): void
    {
        self::assertSame('6e340b9cffb37a989ca544e6bb780a2c78901d3fb33738768511a30617afa01d', Leaf::hash(''));
    }

    public function test_a_leaf_is_not_the_plain_hash_of_its_bytes(): void
    {
        self::assertNotSame(hash('sha256', 'body'), Leaf::hash('body'));
    }
}
