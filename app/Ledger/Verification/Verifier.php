<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Entry;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Tekkal\Core\Ledger\Leaf;

/**
 * Reads the whole record again in one snapshot: do the bytes give the hashes that stand beside them, are the columns
 * copies of the bytes, are streams, devices and leaves counted without a gap, do the projections say what the entries
 * say? Recording goes on meanwhile. Needs the owner's connection.
 */
final readonly class Verifier
{
    private const CHUNK = 500;

    public function __construct(private ProjectionCheck $projections)
    {
    }

    public function run(): Report
    {
        $snapshot = DB::connection('owner');
        $snapshot->unprepared('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        $snapshot->unprepared('START TRANSACTION WITH CONSISTENT SNAPSHOT');
        try {
            $report = new Report;
            $this->entries($snapshot, $report);
            $this->counts($snapshot, $report);
            $this->leaves($snapshot, $report);
            $this->documents($snapshot, $report);
            $this->projections->run($snapshot, $report);

            return $report;
        } finally {
            $snapshot->unprepared('ROLLBACK');
        }
    }

    private function entries(Connection $snapshot, Report $report): void
    {
        $snapshot->table('ledger_entries')->chunkById(self::CHUNK, function ($rows) use ($report): void {
            foreach ($rows as $row) {
                $report->entries++;
                if (Leaf::hash($row->body) !== $row->leaf_hash) {
                    $report->add("Entry $row->entry_id: its bytes do not give the hash that stands beside them.");
                }
                $this->copies($row, $report);
            }
        });
    }

    private function copies(object $row, Report $report): void
    {
        try {
            $entry = Entry::fromBytes($row->body, $row->leaf_hash);
        } catch (InvalidArgumentException $e) {
            $report->add("Entry $row->entry_id cannot be read: {$e->getMessage()}");

            return;
        }
        $said = [
            'entry_id' => $entry->id(), 'format' => $entry->text('format'), 'type' => $entry->type(), 'stream' => $entry->stream(), 'seq' => $entry->seq(),
            'device_seq' => $entry->number('device_seq'), 'received_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
        ];
        foreach (['subject', 'step', 'person', 'sitting', 'device', 'standing', 'verdict'] as $column) {
            $said[$column] = $entry->optional($column);
        }
        foreach ($said as $column => $value) {
            if ($row->{$column} !== $value) {
                $report->add("Entry $row->entry_id: the column $column is no copy of its bytes.");
            }
        }
    }

    /** Streams and devices count their entries 1, 2, 3 …, and their heads know the next number. */
    private function counts(Connection $snapshot, Report $report): void
    {
        foreach ([['stream', 'seq', 'ledger_streams', 'next_seq'], ['device', 'device_seq', 'ledger_device_heads', 'next_device_seq']] as [$key, $count, $heads, $next]) {
            $rows = $snapshot->select("SELECT e.$key AS name, COUNT(*) AS n, MIN(e.$count) AS least, MAX(e.$count) AS most, MAX(h.$next) AS next FROM ledger_entries e LEFT JOIN $heads h ON h.$key = e.$key WHERE e.$count IS NOT NULL GROUP BY e.$key HAVING least <> 1 OR most <> n OR next IS NULL OR next <> most + 1");
            foreach ($rows as $row) {
                $report->add(sprintf('The %s %s holds %d entries numbered %d to %d, and the next is said to be %s.', $key, $row->name, $row->n, $row->least, $row->most, $row->next ?? 'unknown'));
            }
        }
    }

    private function leaves(Connection $snapshot, Report $report): void
    {
        $all = $snapshot->selectOne('SELECT COUNT(*) AS n, COALESCE(MIN(leaf_no), 1) AS least, COALESCE(MAX(leaf_no), 0) AS most FROM ledger_leaves');
        $report->leaves = (int) $all->n;
        if ((int) $all->least !== 1 || (int) $all->most !== (int) $all->n) {
            $report->add(sprintf('There are %d leaves, numbered %d to %d.', $all->n, $all->least, $all->most));
        }
        foreach ($snapshot->select('SELECT l.leaf_no FROM ledger_leaves l LEFT JOIN ledger_entries e ON e.id = l.entry WHERE e.id IS NULL OR e.leaf_hash <> l.leaf_hash') as $row) {
            $report->add("Leaf $row->leaf_no does not carry the hash of its entry.");
        }
        foreach ($snapshot->select('SELECT e.entry_id FROM ledger_entries e LEFT JOIN ledger_leaves l ON l.entry = e.id LEFT JOIN ledger_pending p ON p.entry = e.id WHERE (l.entry IS NULL) = (p.entry IS NULL)') as $row) {
            $report->add("Entry $row->entry_id must have a leaf or wait for one, and not both.");
        }
    }

    private function documents(Connection $snapshot, Report $report): void
    {
        foreach ($snapshot->select('SELECT id FROM revisions WHERE BINARY SHA2(document, 256) <> BINARY document_hash') as $row) {
            $report->add("Revision $row->id: its document does not give the hash that stands beside it.");
        }
        foreach ($snapshot->select('SELECT hash FROM plans WHERE BINARY SHA2(plan, 256) <> BINARY hash') as $row) {
            $report->add("Plan $row->hash is not what its hash says.");
        }
    }
}
