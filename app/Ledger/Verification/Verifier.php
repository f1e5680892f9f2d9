<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\LeafNote;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Reads the whole record again in one snapshot, and asks everything that can be answered from what the record itself and
 * the notes beside it know. Recording goes on meanwhile; several at once do not disturb each other. What it cannot show
 * stands in docs/proof.md. Needs the owner's connection.
 */
final readonly class Verifier
{
    /** @param  iterable<Check>  $checks */
    public function __construct(private iterable $checks)
    {
    }

    public function run(): Report
    {
        // Before the snapshot, which then has its leaf: leaves go on being numbered while the record is read.
        $report = new Report(LeafNote::read());
        $snapshot = DB::connection('owner');
        $snapshot->unprepared('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        $snapshot->unprepared('START TRANSACTION WITH CONSISTENT SNAPSHOT');
        try {
            foreach ($this->checks as $check) {
                try {
                    $check->run($snapshot, $report);
                } catch (Throwable $e) {
                    // A table that is gone, a column that is another: the other questions are asked all the same.
                    $report->add(sprintf('%s could not be carried out: %s', class_basename($check), mb_strimwidth((string) preg_replace('/ \(Connection: .*/s', '', $e->getMessage()), 0, 300, '…')));
                }
            }

            return $report;
        } finally {
            $snapshot->unprepared('ROLLBACK');
        }
    }
}
