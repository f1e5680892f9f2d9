<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Ledger\Entry;
use App\Ledger\Projector;

/** Tools and their calibrations, as the entries tell them. */
final class CribProjector implements Projector
{
    public function version(): string
    {
        return '2';
    }

    public function tables(): array
    {
        return ['tools', 'calibrations'];
    }

    public function types(): array
    {
        return ['tool_registered', 'tool_calibrated'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'tool_registered' => ToolRow::query()->create(['id' => $entry->streamId(), 'entry_id' => $entry->id(), 'entry_leaf' => $entry->leafHash, 'class' => $entry->optional('data.class')] + $this->texts($entry, 'code', 'name', 'kind', 'unit', 'lowest', 'highest', 'resolution')),
            'tool_calibrated' => CalibrationRow::query()->create([
                'entry_id' => $entry->id(), 'tool' => $entry->streamId(), 'conforms' => $entry->flag('data.conforms'), 'leaf_hash' => $entry->leafHash,
            ] + $this->texts($entry, 'calibrated_on', 'due_on', 'certificate')),
            default => null,
        };
    }

    /** @return array<string, string> */
    private function texts(Entry $entry, string ...$fields): array
    {
        return array_combine($fields, array_map(fn (string $f): string => $entry->text("data.$f"), $fields));
    }
}
