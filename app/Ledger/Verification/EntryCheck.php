<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Entry;
use App\Ledger\EntryTypes;
use Illuminate\Database\Connection;
use stdClass;
use Tekkal\Core\Ledger\Leaf;
use Throwable;

/** Entry by entry: do the bytes give the hash beside them, can they be read, are the columns copies of them? */
final readonly class EntryCheck implements Check
{
    private const CHUNK = 500;

    /** Where in the bytes each column's value stands. */
    private const COPIES = [
        'entry_id' => 'event.id', 'format' => 'format', 'type' => 'event.type', 'stream' => 'stream', 'subject' => 'subject', 'step' => 'event.step',
        'person' => 'event.person', 'sitting' => 'event.sitting', 'device' => 'event.device', 'standing' => 'outcome.standing',
    ];

    /** @param  iterable<EntryRule>  $rules */
    public function __construct(private iterable $rules)
    {
    }

    public function run(Connection $snapshot, Report $report): void
    {
        $snapshot->table('ledger_entries')->chunkById(self::CHUNK, function ($rows) use ($snapshot, $report): void {
            $entries = [];
            foreach ($rows as $row) {
                $report->entries++;
                if (Leaf::hash($row->body) !== $row->leaf_hash) {
                    $report->add("Entry $row->entry_id: its bytes do not give the hash that stands beside them.");
                }
                try {
                    $entry = Entry::fromBytes($row->body, $row->leaf_hash);
                    $this->entry($entry, $row, $report);
                    $entries[] = $entry;
                } catch (Throwable $e) {
                    $report->add("Entry $row->entry_id cannot be read: {$e->getMessage()}");
                }
            }
            foreach ($this->rules as $rule) {
                $rule->page($snapshot, $entries, $report);
            }
        });
    }

    private function entry(Entry $entry, stdClass $row, Report $report): void
    {
        $said = ['seq' => $entry->number('seq'), 'device_seq' => $entry->number('event.device_seq'), 'received_at' => $this->time($entry, $row, $report)];
        foreach (self::COPIES as $column => $path) {
            $said[$column] = $entry->optional($path);
        }
        foreach ($said as $column => $value) {
            if ($row->{$column} !== $value) {
                $report->add("Entry $row->entry_id: the column $column is no copy of its bytes.");
            }
        }
        $this->kind($entry, $row, $report);
    }

    private function kind(Entry $entry, stdClass $row, Report $report): void
    {
        [$format, $type, $stream] = [$entry->optional('format'), $entry->optional('event.type'), $entry->optional('stream') ?? ''];
        if ($format !== Entry::FORMAT) {
            $report->add(sprintf('Entry %s: its format is %s; this version reads %s.', $row->entry_id, $format ?? 'missing', Entry::FORMAT));
        }
        if ($type === null || ! EntryTypes::isKnown($type)) {
            $report->add(sprintf('Entry %s: its type is %s.', $row->entry_id, $type === null ? 'missing' : "\"$type\", which this version does not know"));
        } elseif (! EntryTypes::belongsIn($type, $stream)) {
            $report->add("Entry $row->entry_id: $type does not belong in the stream $stream.");
        }
    }

    private function time(Entry $entry, stdClass $row, Report $report): ?string
    {
        $text = $entry->optional('received_at') ?? '';
        if (preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{6}Z$/D', $text) === 1) {
            try {
                return $entry->receivedAt()->format('Y-m-d H:i:s.u');
            } catch (Throwable) {
                // Said below, as one that is written otherwise.
            }
        }
        $report->add(sprintf('Entry %s: its time of receipt, "%s", is no time.', $row->entry_id, mb_substr($text, 0, 40)));

        return null;
    }
}
