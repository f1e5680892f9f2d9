<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\LeafNote;
use Illuminate\Database\Connection;

/**
 * Streams and devices count their entries 1, 2, 3 …; leaves are numbered without a gap, in the order of each stream and of
 * each device; and the record reaches as far as the note beside it says.
 */
final class OrderCheck implements Check
{
    private const COUNTED = [['stream', 'seq', 'ledger_streams', 'next_seq'], ['device', 'device_seq', 'ledger_device_heads', 'next_device_seq']];

    public function run(Connection $snapshot, Report $report): void
    {
        foreach (self::COUNTED as [$key, $count, $heads, $next]) {
            $this->counts($snapshot, $report, $key, $count, $heads, $next);
            $this->order($snapshot, $report, $key, $count);
        }
        $this->withinARun($snapshot, $report);
        $this->leaves($snapshot, $report);
        $this->note($snapshot, $report);
    }

    private function counts(Connection $snapshot, Report $report, string $key, string $count, string $heads, string $next): void
    {
        $rows = $snapshot->select("SELECT e.$key AS name, COUNT(*) AS n, MIN(e.$count) AS least, MAX(e.$count) AS most, MAX(h.$next) AS next FROM ledger_entries e LEFT JOIN $heads h ON h.$key = e.$key WHERE e.$count IS NOT NULL GROUP BY e.$key HAVING least <> 1 OR most <> n OR next IS NULL OR next <> most + 1");
        foreach ($rows as $row) {
            $report->add(sprintf('The %s %s holds %d entries numbered %d to %d, and the next is said to be %s.', $key, $row->name, $row->n, $row->least, $row->most, $row->next ?? 'unknown'));
        }
        foreach ($snapshot->select("SELECT h.$key AS name, h.$next AS next FROM $heads h WHERE h.$next > 1 AND NOT EXISTS (SELECT 1 FROM ledger_entries e WHERE e.$key = h.$key AND e.$count IS NOT NULL)") as $row) {
            $report->add(sprintf('The %s %s is said to have %d entries, and holds none.', $key, $row->name, $row->next - 1));
        }
    }

    /** Each is written under a lock of its stream and of its device, so its leaf comes after the one before. */
    private function order(Connection $snapshot, Report $report, string $key, string $count): void
    {
        $rows = $snapshot->select("SELECT b.entry_id, b.$key AS name, b.$count AS n FROM ledger_entries a JOIN ledger_entries b ON b.$key = a.$key AND b.$count = a.$count + 1 JOIN ledger_leaves la ON la.entry = a.id JOIN ledger_leaves lb ON lb.entry = b.id WHERE lb.leaf_no < la.leaf_no");
        foreach ($rows as $row) {
            $report->add(sprintf('Entry %s is number %d of the %s %s, and its leaf comes before that of number %d.', $row->entry_id, $row->n, $key, $row->name, $row->n - 1));
        }
        $rows = $snapshot->select("SELECT b.entry_id, b.$key AS name, b.$count AS n FROM ledger_entries a JOIN ledger_entries b ON b.$key = a.$key AND b.$count = a.$count + 1 WHERE b.id < a.id");
        foreach ($rows as $row) {
            $report->add(sprintf('Entry %s is number %d of the %s %s, and was written before number %d.', $row->entry_id, $row->n, $key, $row->name, $row->n - 1));
        }
    }

    /** What one bench saw of one run stands in the run in the order in which the bench counted it. */
    private function withinARun(Connection $snapshot, Report $report): void
    {
        $rows = $snapshot->select('SELECT entry_id, stream, seq FROM (SELECT entry_id, stream, seq, device_seq, LAG(device_seq) OVER (PARTITION BY stream, device ORDER BY seq) AS before_it FROM ledger_entries WHERE device_seq IS NOT NULL) t WHERE before_it > device_seq');
        foreach ($rows as $row) {
            $report->add("Entry $row->entry_id is number $row->seq of the stream $row->stream, and its bench counted it before the one that stands before it.");
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
        foreach ($snapshot->select('SELECT p.entry FROM ledger_pending p LEFT JOIN ledger_entries e ON e.id = p.entry WHERE e.id IS NULL') as $row) {
            $report->add("Row $row->entry of ledger_pending waits for a leaf, and there is no such entry.");
        }
    }

    private function note(Connection $snapshot, Report $report): void
    {
        $noted = $report->noted;
        if (LeafNote::isDamaged()) {
            $report->add('The note of the last leaf beside the database cannot be read.');
        }
        if ($noted === null) {
            return;
        }
        $hash = $snapshot->table('ledger_leaves')->where('leaf_no', $noted['number'])->value('leaf_hash');
        if ($hash === null) {
            $report->add(sprintf('The note beside the database knows leaf %d; the record ends at leaf %d.', $noted['number'], $report->leaves));
        } elseif ($hash !== $noted['hash']) {
            $report->add(sprintf('The note beside the database knows leaf %d with another hash.', $noted['number']));
        }
    }
}
