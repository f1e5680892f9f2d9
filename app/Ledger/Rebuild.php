<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/** Empties every projected table and fills it again from the ledger, in the order of the leaves. */
final readonly class Rebuild
{
    public function __construct(
        private Projectors $projectors,
        private Sequencer $sequencer,
    ) {
    }

    /** @return int how many entries were replayed */
    public function run(): int
    {
        $this->sequencer->run();

        return DB::transaction(function (): int {
            foreach ($this->projectors->tables() as $table) {
                DB::table($table)->delete();
            }
            $count = 0;
            DB::table('ledger_leaves')
                ->join('ledger_entries', 'ledger_entries.id', '=', 'ledger_leaves.entry')
                ->select(['ledger_leaves.leaf_no', 'ledger_entries.body', 'ledger_entries.leaf_hash'])
                ->chunkById(500, function ($rows) use (&$count): void {
                    $this->projectors->project(array_values($rows->map(fn (object $row): Entry => Entry::fromBytes($row->body, $row->leaf_hash))->all()));
                    $count += count($rows);
                }, 'ledger_leaves.leaf_no', 'leaf_no');

            return $count;
        });
    }
}
