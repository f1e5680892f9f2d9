<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Models\Assignment;
use App\Ledger\Entry;
use App\Ledger\Projector;

/** Who has been given which joint, as the entries tell it. */
final class BuildsProjector implements Projector
{
    public function version(): string
    {
        return '2';
    }

    public function tables(): array
    {
        return ['assignments'];
    }

    public function types(): array
    {
        return ['procedure_given', 'procedure_handed', 'procedure_moved', 'procedure_taken_back', 'run_begun'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'procedure_given' => Assignment::query()->create([
                'id' => $entry->text('data.assignment'), 'subject' => $entry->streamId(), 'joint' => $entry->text('joint'), 'option' => $entry->text('option'),
                'revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash'), 'person' => $entry->text('data.person'),
                'given_by' => $entry->person(), 'given_at' => $entry->receivedAt(),
            ]),
            'procedure_handed' => Assignment::query()->whereKey($entry->text('data.assignment'))->update(['person' => $entry->text('data.person')]),
            'procedure_moved' => Assignment::query()->whereKey($entry->text('data.assignment'))->update(['revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash')]),
            'procedure_taken_back' => Assignment::query()->whereKey($entry->text('data.assignment'))->update(['taken_back_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            'run_begun' => Assignment::query()->whereKey($entry->text('event.assignment'))->update(['begun_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            default => null,
        };
    }
}
