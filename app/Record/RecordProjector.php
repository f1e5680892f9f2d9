<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Record\Models\AsideReading;
use App\Record\Models\Finding;
use App\Record\Models\Result;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Unit\Written;

/** Builds, runs, results, readings aside and findings, as the entries tell them. */
final class RecordProjector implements Projector
{
    public function tables(): array
    {
        return ['subjects', 'runs', 'results', 'readings_aside', 'findings'];
    }

    public function types(): array
    {
        return [
            'build_opened', 'build_finished', 'build_shipped',
            'run_begun', 'run_taken_over', 'run_finished',
            'reading_taken', 'reading_withdrawn', 'backed_off', 'reading_dismissed', 'observation_unreadable',
        ];
    }

    public function project(array $entries): void
    {
        $rows = ['' => []];
        foreach ($entries as $entry) {
            [$table, $row] = match (true) {
                $entry->type() === 'build_opened' => ['subjects', $this->opened($entry)],
                $entry->type() === 'run_begun' => ['runs', $this->begun($entry)],
                $entry->type() === 'reading_taken' && $entry->text('standing') === Standing::Applied->value => ['results', $this->result($entry)],
                default => ['', []],
            };
            // New rows of one table that follow each other go in together; whatever changes a row must find it.
            if (key($rows) !== $table) {
                $this->insert($rows);
                $rows = [$table => []];
            }
            $row === [] ? $this->one($entry) : $rows[$table][] = $row;
        }
        $this->insert($rows);
    }

    /** @param  array<string, list<array<string, mixed>>>  $rows by table */
    private function insert(array $rows): void
    {
        foreach (array_filter($rows) as $table => $new) {
            DB::table($table)->insert($new);
        }
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'build_finished' => $this->closed($entry, BuildState::Finished, 'finished_at'),
            'build_shipped' => $this->closed($entry, BuildState::Shipped, 'shipped_at'),
            'run_taken_over' => Run::query()->whereKey($entry->streamId())->update(['person' => $entry->text('person'), 'device' => $entry->text('device')]),
            'run_finished' => Run::query()->whereKey($entry->streamId())->update(['finished_at' => self::sql($entry->receivedAt())]),
            'reading_taken', 'observation_unreadable' => $this->aside($entry),
            'reading_withdrawn' => $this->retire([$entry->text('data.reading')], AttemptStatus::Withdrawn),
            'backed_off' => $this->backedOff($entry),
            'reading_dismissed' => AsideReading::query()->whereKey($entry->text('data.reading'))->update(['disposed_at' => self::sql($entry->receivedAt()), 'disposed_by' => $entry->text('person')]),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function opened(Entry $entry): array
    {
        return [
            'id' => $entry->streamId(), 'serial' => $entry->text('data.serial'), 'build_number' => $entry->number('data.build_number'),
            'family' => $entry->text('data.family'), 'customer' => $entry->text('data.customer'),
            'state' => BuildState::Open->value, 'opened_at' => self::sql($entry->receivedAt()),
        ];
    }

    private function closed(Entry $entry, BuildState $state, string $column): void
    {
        Subject::query()->whereKey($entry->streamId())->update(['state' => $state->value, $column => self::sql($entry->receivedAt())]);
    }

    /** @return array<string, mixed> */
    private function begun(Entry $entry): array
    {
        return [
            'id' => $entry->streamId(), 'subject' => $entry->text('subject'), 'joint' => $entry->text('data.joint'),
            'revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash'), 'assignment' => $entry->text('data.assignment'),
            'person' => $entry->text('person'), 'device' => $entry->text('device'), 'begun_at' => self::sql($entry->receivedAt()),
        ];
    }

    private function aside(Entry $entry): void
    {
        $this->findings($entry);
        AsideReading::query()->create([
            'entry_id' => $entry->id(), 'standing' => $entry->text('standing'), 'reason' => $entry->text('standing_reason'),
            'run' => $entry->optional('data.run'), 'subject' => $entry->optional('subject'), 'step' => $entry->optional('step'),
            'value' => $entry->optional('data.value'), 'unit' => $entry->optional('data.unit'), 'told' => $entry->optional('data.told'), 'tool' => $entry->optional('data.tool'),
            'person' => $entry->text('person'), 'received_at' => $entry->receivedAt(),
        ]);
    }

    /** @return array<string, mixed> */
    private function result(Entry $entry): array
    {
        $this->findings($entry);

        return [
            'entry_id' => $entry->id(), 'run' => $entry->streamId(), 'subject' => $entry->text('subject'), 'step' => $entry->text('step'),
            'attempt' => $entry->number('data.attempt'), 'value' => $entry->text('data.value'), 'unit' => $entry->text('data.unit'),
            'base_value' => (string) Written::fromCode($entry->text('data.value'), $entry->text('data.unit'))->quantity()->inBase(),
            'verdict' => $entry->text('verdict'), 'evidence' => $entry->text('evidence'), 'status' => AttemptStatus::Live->value,
            'source' => $entry->text('data.source'), 'tool' => $entry->text('data.tool'), 'calibration' => $entry->optional('data.calibration'),
            'person' => $entry->text('person'), 'device' => $entry->text('device'), 'taken_at' => strtr($entry->text('data.taken_at'), ['T' => ' ', 'Z' => '']),
        ];
    }

    private function backedOff(Entry $entry): void
    {
        $this->findings($entry);
        $this->retire($entry->texts('data.retires'), AttemptStatus::BackedOff);
    }

    private function findings(Entry $entry): void
    {
        foreach (FindingKind::cases() as $kind) {
            $sentence = $entry->optional('data.findings.'.$kind->value);
            if ($sentence !== null) {
                Finding::query()->create([
                    'entry_id' => $entry->id(), 'kind' => $kind->value, 'subject' => $entry->optional('subject'), 'run' => $entry->optional('data.run'),
                    'step' => $entry->optional('step'), 'sentence' => $sentence, 'raised_at' => $entry->receivedAt(),
                ]);
            }
        }
    }

    /** @param  list<string>  $readings */
    private function retire(array $readings, AttemptStatus $status): void
    {
        Result::query()->whereKey($readings)->update(['status' => $status->value]);
    }

    private static function sql(CarbonImmutable $time): string
    {
        return $time->format('Y-m-d H:i:s.u');
    }
}
