<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Gives committed entries their leaf numbers, one after the other. Only one sequencer works at a time. */
final class Sequencer
{
    private const BATCH = 500;

    /** @return int how many leaves were written */
    public function run(): int
    {
        $lease = Lease::take('sequencer');
        if ($lease === null) {
            return 0;
        }
        try {
            $written = 0;
            while (($batch = DB::transaction(fn (): int => $lease->renew() ? $this->batch() : 0)) > 0) {
                $written += $batch;
            }

            return $written;
        } finally {
            $lease->end();
        }
    }

    private function batch(): int
    {
        $leaf = (int) DB::table('ledger_leaves')->max('leaf_no');
        $leaves = [];
        foreach ($this->inOrder($this->pending()->limit(self::BATCH)->get()->all()) as $row) {
            $leaves[] = ['leaf_no' => ++$leaf, 'entry' => $row->id, 'leaf_hash' => $row->leaf_hash];
        }
        DB::table('ledger_leaves')->insert($leaves);
        DB::table('ledger_pending')->whereIn('entry', array_column($leaves, 'entry'))->delete();

        return count($leaves);
    }

    private function pending(): Builder
    {
        return DB::table('ledger_pending')->join('ledger_entries', 'ledger_entries.id', '=', 'ledger_pending.entry')
            ->orderBy('ledger_pending.entry')->select(['ledger_entries.id', 'ledger_entries.leaf_hash', 'ledger_entries.stream', 'ledger_entries.seq']);
    }

    /**
     * Within a stream by its own numbers: where several nodes give out ids, those of one stream need not rise. One whose
     * forerunner still waits outside this batch waits with it.
     *
     * @param  array<int, stdClass>  $rows
     * @return list<stdClass>
     */
    private function inOrder(array $rows): array
    {
        $places = $streams = [];
        foreach ($rows as $place => $row) {
            $places[$row->stream][] = $place;
            $streams[$row->stream][] = $row;
        }
        $first = $rows === [] ? [] : DB::table('ledger_pending')->join('ledger_entries', 'ledger_entries.id', '=', 'ledger_pending.entry')
            ->whereIn('stream', array_keys($streams))->groupBy('stream')->selectRaw('stream, MIN(seq) AS first')->pluck('first', 'stream')->all();
        foreach ($streams as $stream => $own) {
            usort($own, fn (stdClass $a, stdClass $b): int => $a->seq <=> $b->seq);
            foreach ($own as $i => $row) {
                // Pending entries of a stream follow each other without a gap.
                $rows[$places[$stream][$i]] = (int) $row->seq === (int) $first[$stream] + $i ? $row : null;
            }
        }

        return array_values(array_filter($rows));
    }
}
