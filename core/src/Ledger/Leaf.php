<?php

declare(strict_types=1);

namespace Tekkal\Core\Ledger;

/** Leaf hashes of the record's hash tree: SHA-256(0x00 ‖ body), RFC 9162 section 2.1.1. */
final class Leaf
{
    /** @return string 64 lower-case hex digits */
    public static function hash(string $body): string
    {
        return hash('sha256', "\x00".$body);
    }
}
