<?php

declare(strict_types=1);

namespace App\People;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\People\Models\Device;
use App\People\Models\Notice;
use App\People\Models\Sitting;
use Illuminate\Support\Facades\DB;

/** Devices, sittings and notices, as the entries tell them. */
final class PeopleProjector implements Projector
{
    public function tables(): array
    {
        return ['devices', 'sittings', 'notices', 'notice_receipts'];
    }

    public function types(): array
    {
        return ['device_enrolled', 'device_revoked', 'sitting_begun', 'sitting_ended', 'notice_sent', 'notice_acknowledged'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'device_enrolled' => Device::query()->create([
                'id' => $entry->streamId(), 'name' => $entry->text('data.name'),
                'enrolled_by' => $entry->text('person'), 'enrolled_at' => $entry->receivedAt(),
            ]),
            'device_revoked' => Device::query()->whereKey($entry->streamId())->update(['revoked_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            'sitting_begun' => Sitting::query()->create([
                'id' => $entry->text('sitting'), 'person' => $entry->text('person'), 'device' => $entry->streamId(), 'begun_at' => $entry->receivedAt(),
            ]),
            'sitting_ended' => Sitting::query()->whereKey($entry->text('sitting'))->update([
                'ended_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'), 'closed_device_seq' => $entry->number('data.closed_device_seq'),
            ]),
            'notice_sent' => $this->sent($entry),
            'notice_acknowledged' => DB::table('notice_receipts')->where('notice', $entry->streamId())->where('person', $entry->text('person'))
                ->update(['acknowledged_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            default => null,
        };
    }

    private function sent(Entry $entry): void
    {
        Notice::query()->create([
            'id' => $entry->streamId(), 'title' => $entry->text('data.title'), 'body' => $entry->text('data.body'), 'link' => $entry->text('data.link'), 'sent_at' => $entry->receivedAt(),
        ]);
        DB::table('notice_receipts')->insert(array_map(fn (string $person): array => ['notice' => $entry->streamId(), 'person' => $person], $entry->texts('data.to')));
    }
}
