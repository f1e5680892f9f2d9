<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\AskedValue;
use App\Ledger\Entry;
use App\Ledger\Projector;

/** Values that were asked for at benches, and what was answered. */
final class AskedValueProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['asked_values'];
    }

    public function types(): array
    {
        return ['value_asked', 'value_answered', 'build_called_off'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'value_asked' => AskedValue::query()->create([
                'id' => $entry->id(), 'subject' => $entry->streamId(), 'says' => $entry->text('data.says'), 'person' => $entry->person(), 'device' => $entry->text('data.bench'), 'asked_at' => $entry->receivedAt(),
            ]),
            'value_answered' => AskedValue::query()->whereKey($entry->text('data.asked'))->update([
                'answer' => $entry->text('data.answer'), 'answered_by' => $entry->person(), 'answered_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
            ]),
            default => AskedValue::query()->where('subject', $entry->streamId())->delete(),
        };
    }
}
