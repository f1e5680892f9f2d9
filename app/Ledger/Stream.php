<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Reads a stream's entries in their own order. */
final class Stream
{
    /** @return list<Entry> */
    public static function entries(string $stream, int $after = 0, ?int $upTo = null): array
    {
        return array_values(DB::table('ledger_entries')->where('stream', $stream)->when($after > 0, fn ($q) => $q->where('seq', '>', $after))->when($upTo !== null, fn ($q) => $q->where('seq', '<=', $upTo))->orderBy('seq')->get(['body', 'leaf_hash'])
            ->map(fn (object $row): Entry => Entry::fromBytes($row->body, $row->leaf_hash))->all());
    }

    /** The number of the stream's last entry; 0 when it has none. */
    public static function lastSeq(string $stream): int
    {
        return (int) (DB::table('ledger_streams')->where('stream', $stream)->value('next_seq') ?? 1) - 1;
    }
}
