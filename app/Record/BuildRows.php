<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Record\Models\BuildPicture;
use App\Record\Models\OldSerial;
use App\Record\Models\Subject;

/** Engines as their own entries tell of them: what came in, what is known of it, where it stands. */
final class BuildRows
{
    public static function tell(Entry $entry): void
    {
        $at = $entry->receivedAt()->format('Y-m-d H:i:s.u');
        match ($entry->type()) {
            'build_opened' => self::opened($entry, $at),
            'build_described' => self::change($entry, BuildFacts::ofEntry($entry)->toRow()),
            'build_started' => self::change($entry, ['state' => BuildState::Open->value]),
            'build_finished' => self::change($entry, ['state' => BuildState::Finished->value, 'finished_at' => $at]),
            'build_reopened' => self::change($entry, ['state' => BuildState::Open->value, 'finished_at' => null]),
            'build_shipped' => self::change($entry, ['state' => BuildState::Shipped->value, 'shipped_at' => $at]),
            'build_called_off' => self::calledOff($entry),
            'serial_restamped' => self::restamped($entry),
            'build_picture_kept' => BuildPicture::query()->create([
                'entry_id' => $entry->id(), 'subject' => $entry->streamId(), 'hash' => $entry->text('data.digest'), 'type' => $entry->text('data.type'), 'bytes' => $entry->number('data.bytes'),
                'shows' => $entry->text('data.shows'), 'person' => $entry->person(), 'at' => $entry->receivedAt(),
            ]),
            'build_picture_removed' => BuildPicture::query()->whereKey($entry->text('data.picture'))->update(['removed_at' => $at]),
            default => null,
        };
    }

    private static function opened(Entry $entry, string $at): void
    {
        Subject::query()->insert([
            'id' => $entry->streamId(), 'serial' => $entry->text('data.serial'), 'build_number' => $entry->number('data.build_number'),
            // A subassembly may be the shop's own.
            'family' => $entry->text('data.family'), 'customer' => (string) $entry->optional('data.customer'), 'subassembly' => (string) $entry->optional('data.subassembly'),
            // Before a shop could say so, an engine stood on its stand when it came in.
            'state' => ($entry->flag('data.waits') ? BuildState::Received : BuildState::Open)->value, 'opened_at' => $at,
        ] + BuildFacts::ofEntry($entry)->toRow());
        foreach ($entry->texts('data.old_serials') as $serial) {
            OldSerial::query()->insert(['subject' => $entry->streamId(), 'serial' => $serial, 'why' => '']);
        }
        if ($entry->number('data.build_number') > 1) {
            FittingRows::passOn($entry->id(), Subject::query()->findOrFail($entry->streamId()));
        }
    }

    /** @param  array<string, mixed>  $values */
    private static function change(Entry $entry, array $values): void
    {
        Subject::query()->whereKey($entry->streamId())->update($values);
    }

    /** It was opened by mistake: nothing stands on it, and its number is free again. The entries stay. */
    private static function calledOff(Entry $entry): void
    {
        FittingRows::calledOff(Subject::query()->findOrFail($entry->streamId()));
        OldSerial::query()->where('subject', $entry->streamId())->delete();
        BuildPicture::query()->where('subject', $entry->streamId())->delete();
        Subject::query()->whereKey($entry->streamId())->delete();
    }

    private static function restamped(Entry $entry): void
    {
        OldSerial::query()->insertOrIgnore(['subject' => $entry->streamId(), 'serial' => $entry->text('data.was'), 'why' => $entry->optional('data.why') ?? '']);
        OldSerial::query()->where('subject', $entry->streamId())->where('serial', $entry->text('data.serial'))->delete();
        self::change($entry, ['serial' => $entry->text('data.serial')]);
    }
}
