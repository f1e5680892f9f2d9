<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\Lot;
use App\Ledger\Entry;

/** Lots as the entries tell them. */
final class LotRows
{
    private const FIELDS = ['number', 'kind', 'name', 'certificate', 'quantity', 'unit', 'received_on', 'place'];

    public static function project(Entry $entry): void
    {
        match ($entry->type()) {
            'lot_received' => Lot::query()->create(['id' => $entry->streamId(), 'state' => 'open', 'expires_on' => $entry->optional('data.expires_on')] + array_combine(self::FIELDS, array_map(fn (string $f): string => $entry->text("data.$f"), self::FIELDS))),
            'lot_counted' => Lot::query()->whereKey($entry->streamId())->update(['quantity' => $entry->text('data.quantity')]),
            default => Lot::query()->whereKey($entry->streamId())->update(['state' => 'closed']),
        };
    }
}
