<?php

declare(strict_types=1);

namespace App\Audit\Verification;

use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Ledger\Entry;
use App\Ledger\Verification\EntryRule;
use App\Ledger\Verification\Report;
use Illuminate\Database\Connection;
use Illuminate\Support\Collection;
use stdClass;

/** What a run's entries name is what it was when they were written: engine, revision, plan, tool, calibration, readings. */
final class RunRule implements EntryRule
{
    /** A reading, or whatever else was set aside. */
    private const ANY = '';

    /** @var array<string, string> the hash of what each tool was registered as */
    private array $tools = [];

    public function page(Connection $snapshot, array $entries, Report $report): void
    {
        $this->headers($snapshot, $entries, $report);
        $this->tools($snapshot, $entries, $report);
        $this->named($snapshot, $entries, $report);
    }

    /** @param  list<Entry>  $entries */
    private function headers(Connection $snapshot, array $entries, Report $report): void
    {
        $ofRuns = array_values(array_filter($entries, fn (Entry $e): bool => str_starts_with((string) $e->optional('stream'), 'run/')));
        $runs = $snapshot->table('runs')->leftJoin('revisions', 'revisions.id', '=', 'runs.revision')
            ->whereIn('runs.id', array_values(array_unique(array_map(fn (Entry $e): string => $e->streamId(), $ofRuns))))->get(['runs.id', 'runs.subject', 'runs.plan_hash', 'revisions.document_hash'])->keyBy('id');
        foreach ($ofRuns as $entry) {
            $run = $runs->get($entry->streamId());
            // What is said of a run by the lead names its engine only.
            $names = $entry->optional('plan_hash') !== null || $entry->optional('device') !== null;
            $said = [$entry->optional('subject'), $names ? $entry->optional('plan_hash') : $run?->plan_hash, $names ? $entry->optional('revision_hash') : $run?->document_hash];
            if ($run === null) {
                $report->add("Entry {$entry->id()} belongs to a run that nobody began.");
            } elseif ($entry->optional('type') !== 'text_erased' && $said !== [$run->subject, $run->plan_hash, $run->document_hash]) {
                $report->add("Entry {$entry->id()} names another engine, revision or plan than its run was begun with.");
            }
        }
    }

    /** @param  list<Entry>  $entries */
    private function tools(Connection $snapshot, array $entries, Report $report): void
    {
        foreach ($entries as $entry) {
            [$tool, $hash] = [$entry->optional('data.tool'), $entry->optional('rests_on.tool')];
            if ($tool !== null && $hash !== null && $this->toolHash($snapshot, $tool) !== $hash) {
                $report->add("Entry {$entry->id()} rests on a tool that is not what the crib says of it now.");
            }
        }
    }

    private function toolHash(Connection $snapshot, string $tool): string
    {
        return $this->tools[$tool] ??= (function () use ($snapshot, $tool): string {
            $row = ToolRow::on($snapshot->getName())->find($tool);

            return $row === null ? 'unknown' : ToolBook::setUpHash($row);
        })();
    }

    /**
     * Entries that others name by their ids.
     *
     * @param  list<Entry>  $entries
     */
    private function named(Connection $snapshot, array $entries, Report $report): void
    {
        $named = array_map(self::names(...), $entries);
        $there = $snapshot->table('ledger_entries')->whereIn('entry_id', array_values(array_unique(array_merge(...array_map(array_keys(...), $named)))))
            ->get(['entry_id', 'type', 'stream', 'leaf_hash'])->keyBy('entry_id');
        foreach ($entries as $i => $entry) {
            foreach ($named[$i] as $id => [$type, $stream]) {
                $this->one($entry, $there->get($id), $type, $stream, $report);
            }
        }
        $this->calibrations($entries, $there, $report);
    }

    private function one(Entry $entry, ?stdClass $there, string $type, ?string $stream, Report $report): void
    {
        if ($there === null || ($type !== self::ANY && $there->type !== $type) || ($stream !== null && $there->stream !== $stream)) {
            $report->add(sprintf('Entry %s names a %s that %s.', $entry->id(), $type === self::ANY ? 'reading' : str_replace('_', ' ', $type), $there === null ? 'is not in the record' : 'is something else'));
        }
    }

    /**
     * @param  list<Entry>  $entries
     * @param  Collection<array-key, stdClass>  $there
     */
    private function calibrations(array $entries, Collection $there, Report $report): void
    {
        foreach ($entries as $entry) {
            [$calibration, $leaf] = [$entry->optional('data.calibration'), $entry->optional('rests_on.calibration')];
            if ($leaf !== null && $there->get($calibration)?->leaf_hash !== $leaf) {
                $report->add("Entry {$entry->id()} rests on a calibration that is not what it was.");
            }
        }
    }

    /** @return array<string, array{string, string|null}> type and stream that are wanted, by id */
    private static function names(Entry $entry): array
    {
        $calibration = $entry->optional('data.calibration');
        $wanted = match ($entry->optional('type')) {
            'reading_withdrawn' => 'reading_taken',
            'reading_dismissed' => self::ANY,
            default => null,
        };
        $named = $calibration === null ? [] : [$calibration => ['tool_calibrated', 'tool/'.$entry->optional('data.tool')]];
        foreach ($entry->texts('data.retires') as $retired) {
            $named[$retired] = ['reading_taken', $entry->optional('stream')];
        }

        $reading = $entry->optional('data.reading');

        return $wanted === null || $reading === null ? $named : $named + [$reading => [$wanted, $entry->optional('stream')]];
    }
}
