<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Entry;
use App\Ledger\Projector;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Ledger\CanonicalJson;

/** Shifts that one has handed over to another, as both signed it. */
final class HandoverProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['handovers', 'handed_engines'];
    }

    public function types(): array
    {
        return ['shift_handed_over'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        $engines = (array) data_get($entry->body, 'data.engines');
        DB::table('handovers')->insert([
            'entry_id' => $entry->id(), 'device' => $entry->streamId(), 'from_person' => $entry->person(), 'to_person' => $entry->text('data.to'), 'said' => (string) $entry->optional('data.said'),
            'engines' => CanonicalJson::encode($engines), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
        ]);
        DB::table('handed_engines')->insert(array_map(fn (mixed $engine): array => ['handover' => $entry->id(), 'subject' => (string) data_get($engine, 'build')], $engines));
    }
}
