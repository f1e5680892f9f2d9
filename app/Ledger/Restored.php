<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Shared\Ids;
use Illuminate\Support\Facades\DB;

/**
 * Writes into the restored record that it was restored, from which backup, and what was known elsewhere of how far it
 * had come: leaves that the backup lacks are named there for good, not hidden.
 */
final readonly class Restored
{
    public function __construct(
        private Recorder $recorder,
        private Sequencer $sequencer,
    ) {
    }

    /**
     * @param  list<KnownLeaf>  $known
     * @return list<string> what a person must be told, as sentences; empty when nothing is missing and nothing contradicts
     */
    public function record(string $backup, string $sums, array $known): array
    {
        $this->sequencer->run();
        $last = DB::table('ledger_leaves')->orderByDesc('leaf_no')->first(['leaf_no', 'leaf_hash']);
        $lastNo = (int) ($last->leaf_no ?? 0);
        $gap = max([0, ...array_map(fn (KnownLeaf $k): int => $k->number - $lastNo, $known)]);
        $against = array_values(array_filter($known, fn (KnownLeaf $k): bool => $k->number <= $lastNo && ! $k->agrees()));
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'record_restored', 'instance/'.config('shop.instance'), null, data: [
            'backup' => $backup, 'backup_sums' => $sums, 'last_leaf' => $lastNo, 'last_leaf_hash' => $last?->leaf_hash,
            'missing_leaves' => $gap, 'contradicted' => $against !== [],
            'known' => array_map(fn (KnownLeaf $k): array => ['number' => $k->number, 'hash' => $k->hash, 'where' => $k->where], $known),
        ])));
        // What is lost is recorded: from here on the note rises again.
        $this->sequencer->run();
        LeafNote::begin();

        return [
            ...($gap > 0 ? [sprintf('Leaves %d to %d were known before and are not in this backup: %d entries are lost. The record now says so.', $lastNo + 1, $lastNo + $gap, $gap)] : []),
            ...array_map(fn (KnownLeaf $k): string => sprintf('Leaf %d was known to %s with another hash: this backup is not of the same record, or was altered. The record now says so.', $k->number, $k->where), $against),
        ];
    }
}
