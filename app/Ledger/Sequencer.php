<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Gives committed entries their leaf numbers, one after the other. Only one sequencer works at a time. */
final class Sequencer
{
    private const BATCH = 500;

    /** @return int how many leaves were written */
    public function run(): int
    {
        if ((int) DB::scalar("SELECT GET_LOCK(CONCAT(DATABASE(), '.sequencer'), 10)") !== 1) {
            return 0;
        }
        try {
            $written = 0;
            while (($batch = DB::transaction(fn (): int => $this->batch())) > 0) {
                $written += $batch;
            }

            return $written;
        } finally {
            DB::scalar("SELECT RELEASE_LOCK(CONCAT(DATABASE(), '.sequencer'))");
        }
    }

    private function batch(): int
    {
        $rows = DB::table('ledger_pending')
            ->join('ledger_entries', 'ledger_entries.id', '=', 'ledger_pending.entry')
            ->orderBy('ledger_pending.entry')->limit(self::BATCH)
            ->get(['ledger_entries.id', 'ledger_entries.leaf_hash']);
        $leaf = (int) DB::table('ledger_leaves')->max('leaf_no');
        $leaves = [];
        foreach ($rows as $row) {
            $leaves[] = ['leaf_no' => ++$leaf, 'entry' => $row->id, 'leaf_hash' => $row->leaf_hash];
        }
        DB::table('ledger_leaves')->insert($leaves);
        DB::table('ledger_pending')->whereIn('entry', array_column($leaves, 'entry'))->delete();

        return count($leaves);
    }
}
