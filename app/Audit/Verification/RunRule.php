<?php

declare(strict_types=1);

namespace App\Audit\Verification;

use App\Bench\Observation;
use App\Bench\ObservationReader;
use App\Ledger\Entry;
use App\Ledger\Verification\EntryRule;
use App\Ledger\Verification\Report;
use Illuminate\Database\Connection;
use Illuminate\Support\Collection;
use stdClass;
use Tekkal\Core\Run\Event\EventTypes;

/** What a run's entries name is what it was when they were written: engine, revision, plan, tool, calibration, readings. */
final class RunRule implements EntryRule
{
    /** A reading, or whatever else was set aside. */
    private const ANY = '';

    /** What is said of a tool later stands for what was said of it first. */
    private const LIKE = ['tool_changed' => 'tool_registered'];

    public function page(Connection $snapshot, array $entries, Report $report): void
    {
        $this->headers($snapshot, $entries, $report);
        $this->named($snapshot, $entries, $report);
        foreach ($entries as $entry) {
            $this->sent($entry, $report);
        }
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
            $names = $entry->optional('plan_hash') !== null || $entry->optional('event.device') !== null;
            $said = [$entry->optional('subject'), $names ? $entry->optional('plan_hash') : $run?->plan_hash, $names ? $entry->optional('revision_hash') : $run?->document_hash];
            if ($run === null) {
                $report->add("Entry {$entry->id()} belongs to a run that nobody began.");
            } elseif ($entry->optional('event.type') !== 'text_erased' && $said !== [$run->subject, $run->plan_hash, $run->document_hash]) {
                $report->add("Entry {$entry->id()} names another engine, revision or plan than its run was begun with.");
            }
        }
    }

    /** What a bench sent is kept as it was sent. A command's hash is of its request, which is not kept. */
    private function sent(Entry $entry, Report $report): void
    {
        $type = EventTypes::all()[$entry->optional('event.type') ?? ''] ?? null;
        $observed = $type === null ? $entry->optional('event.type') === ObservationReader::UNREADABLE : ! $type::declaration()->isCommand;
        if ($observed && $entry->optional('sent_hash') !== null && $entry->optional('sent_hash') !== Observation::sentHash($entry->event())) {
            $report->add("Entry {$entry->id()} does not give the hash of what was sent.");
        }
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
            foreach ($named[$i] as $id => [$type, $streams]) {
                $this->one($entry, $there->get($id), $type, $streams, $report);
            }
        }
        $this->rests($entries, $there, $report);
    }

    /** @param  list<string>  $streams  of one of which it has to be; empty: of any */
    private function one(Entry $entry, ?stdClass $there, string $type, array $streams, Report $report): void
    {
        if ($there === null || ($type !== self::ANY && (self::LIKE[$there->type] ?? $there->type) !== $type) || ($streams !== [] && ! in_array($there->stream, $streams, true))) {
            $report->add(sprintf('Entry %s names a %s that %s.', $entry->id(), $type === self::ANY ? 'reading' : str_replace('_', ' ', $type), $there === null ? 'is not in the record' : 'is something else'));
        }
    }

    /**
     * What a decision rests on is named by entry and leaf hash.
     *
     * @param  list<Entry>  $entries
     * @param  Collection<array-key, stdClass>  $there
     */
    private function rests(array $entries, Collection $there, Report $report): void
    {
        foreach ($entries as $entry) {
            foreach (self::rested($entry) as [$what, $id, $leaf]) {
                if ($there->get($id)?->leaf_hash !== $leaf) {
                    $report->add("Entry {$entry->id()} rests on a $what that is not what it was.");
                }
            }
        }
    }

    /** @return list<string> streams of the tools that an event names: of its value, and of what was watched beside it */
    private static function tools(Entry $entry): array
    {
        $named = [data_get($entry->event(), 'tool'), ...(array) data_get($entry->event(), 'watched.*.tool')];

        return array_values(array_map(fn (string $tool): string => "tool/$tool", array_unique(array_filter($named, is_string(...)))));
    }

    /** @return array<string, array{string, list<string>}> type and streams that are wanted, by id */
    private static function names(Entry $entry): array
    {
        $named = [];
        foreach (self::rested($entry) as [$what, $id]) {
            $named[$id] = [$what === 'tool' ? 'tool_registered' : 'tool_calibrated', self::tools($entry)];
        }
        $wanted = match ($entry->optional('event.type')) {
            'reading_withdrawn' => 'reading_taken',
            'reading_dismissed' => self::ANY,
            default => null,
        };
        $reading = $entry->optional('event.reading');

        return $wanted === null || $reading === null ? $named : $named + [$reading => [$wanted, array_filter([$entry->optional('stream')])]];
    }

    /** @return list<array{string, string, string}> what, entry and leaf hash of each */
    private static function rested(Entry $entry): array
    {
        return array_map(
            fn (mixed $named): array => [(string) data_get($named, 'what'), (string) data_get($named, 'entry'), (string) data_get($named, 'leaf')],
            array_values((array) data_get($entry->body, 'rests_on')),
        );
    }
}
