<?php

declare(strict_types=1);

namespace App\Shared;

use Illuminate\Support\Str;

/** Opaque ids of server-born things: UUIDv7, so that they sort by time. */
final class Ids
{
    public static function next(): string
    {
        return (string) Str::uuid7(now());
    }
}
