<?php

declare(strict_types=1);

namespace App\People\Verification;

use App\Ledger\Verification\Check;
use App\Ledger\Verification\Report;
use Illuminate\Database\Connection;

/** Every entry is by somebody who was put on record, and what came from a bench by who sat there. */
final class WhoCheck implements Check
{
    public function run(Connection $snapshot, Report $report): void
    {
        foreach ($snapshot->select('SELECT e.entry_id FROM ledger_entries e LEFT JOIN people p ON p.id = e.person WHERE e.person IS NOT NULL AND p.id IS NULL') as $row) {
            $report->add("Entry $row->entry_id is by a person whom nobody put on record.");
        }
        // The stream of a sitting's own entries names its device: device/<id>.
        $rows = $snapshot->select("SELECT e.entry_id, s.id IS NULL AS unknown, s.person <> e.person AS other FROM ledger_entries e LEFT JOIN sittings s ON s.id = e.sitting WHERE e.sitting IS NOT NULL AND (s.id IS NULL OR s.person <> e.person OR s.device <> COALESCE(e.device, SUBSTRING_INDEX(e.stream, '/', -1)))");
        foreach ($rows as $row) {
            $report->add(sprintf('Entry %s %s.', $row->entry_id, $row->unknown ? 'names a sitting that nobody began' : ($row->other ? 'is by another person than the one who sat there' : 'comes from another bench than the one where that person sat')));
        }
        foreach ($snapshot->select('SELECT e.entry_id FROM ledger_entries e LEFT JOIN devices d ON d.id = e.device WHERE e.device IS NOT NULL AND d.id IS NULL') as $row) {
            $report->add("Entry $row->entry_id comes from a bench that nobody enrolled.");
        }
    }
}
