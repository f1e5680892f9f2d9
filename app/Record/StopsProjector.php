<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Record\Models\Stop;
use App\Record\Queries\StopsInForce;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\StopOrder;

/** What was stopped, who knows of it, who lifted it; and which lots went into which run, so that one can be stopped. */
final class StopsProjector implements Projector
{
    private const STOPS = ['work_stopped', 'stop_seen', 'stop_lift_asked', 'stop_kept', 'stop_lifted'];

    /** What brings a lot in, by what it brings. */
    private const LOTS = ['fasteners_fitted' => StopOrder::FASTENERS, 'fastener_replaced' => StopOrder::FASTENERS, 'agent_applied' => StopOrder::AGENT];

    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['stops', 'stop_seen', 'lot_uses'];
    }

    public function types(): array
    {
        return [...self::STOPS, ...array_keys(self::LOTS)];
    }

    public function project(array $entries): void
    {
        foreach ($entries as $entry) {
            isset(self::LOTS[$entry->type()]) ? $this->lot($entry) : $this->stop($entry);
        }
    }

    private function lot(Entry $entry): void
    {
        $lot = $entry->optional('event.lot');
        if ($lot !== null && str_starts_with($entry->stream(), 'run/')) {
            DB::table('lot_uses')->insert([
                'entry_id' => $entry->id(), 'run' => $entry->streamId(), 'known_as' => self::LOTS[$entry->type()], 'lot' => Known::plain($lot),
                'places' => max(1, count($entry->texts('event.positions'))), 'at' => self::sql($entry),
            ]);
        }
    }

    private function stop(Entry $entry): void
    {
        match ($entry->type()) {
            'work_stopped' => $this->stopped($entry),
            'stop_seen' => DB::table('stop_seen')->insert(['stop' => $entry->streamId(), 'device' => $entry->text('data.device'), 'person' => $entry->person(), 'at' => self::sql($entry)]),
            'stop_lift_asked' => self::set($entry, ['lift_asked_by' => $entry->person(), 'lift_asked_at' => self::sql($entry), 'lift_reason' => $entry->text('data.reason'), 'lift_signature' => $entry->text('data.signature'), 'kept_why' => null]),
            'stop_kept' => self::set($entry, ['lift_asked_by' => null, 'lift_asked_at' => null, 'lift_reason' => null, 'lift_signature' => null, 'kept_why' => $entry->text('data.reason')]),
            default => self::set($entry, ['lifted_by' => $entry->person(), 'lifted_at' => self::sql($entry), 'lifted_signature' => $entry->text('data.signature')]),
        };
        StopsInForce::readAgain();
    }

    private function stopped(Entry $entry): void
    {
        DB::table('stops')->insert([
            'id' => $entry->streamId(), 'number' => $entry->number('data.number') ?? 0, 'what' => $entry->text('data.what'), 'key' => $entry->text('data.key'),
            'known_as' => $entry->optional('data.known_as'), 'known_by' => $entry->text('data.known_by'), 'title' => $entry->text('data.title'), 'short' => $entry->text('data.short'),
            'reason' => $entry->text('data.reason'), 'stopped_by' => $entry->person(), 'stopped_at' => self::sql($entry),
        ]);
    }

    /** @param  array<string, mixed>  $fields */
    private static function set(Entry $entry, array $fields): void
    {
        Stop::query()->whereKey($entry->streamId())->update($fields);
    }

    private static function sql(Entry $entry): string
    {
        return $entry->receivedAt()->format('Y-m-d H:i:s.u');
    }
}
