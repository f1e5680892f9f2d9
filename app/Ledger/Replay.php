<?php

declare(strict_types=1);

namespace App\Ledger;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Reads the entries in the order of their leaves, then those that still wait for one, and lets the projectors write what
 * they say into another connection's tables. An entry that cannot be projected is named and passed over.
 */
final readonly class Replay
{
    private const CHUNK = 500;

    public function __construct(private Projectors $projectors)
    {
    }

    /**
     * @param  string  $into  name of the connection whose tables are written
     * @param  Closure(string): void  $failed  told a sentence for each entry that was passed over
     * @param  int  $after  the number of the last leaf that has been replayed before
     * @param  Closure(int): void|null  $progress  told how many entries have been read
     * @return array{entries: int, leaf: int} how many were replayed, and the last leaf
     */
    public function run(Connection $from, string $into, Closure $failed, int $after = 0, ?Closure $progress = null): array
    {
        $usual = DB::getDefaultConnection();
        // Projectors write to whatever connection is the default one.
        DB::setDefaultConnection($into);
        try {
            $leaves = 'SELECT l.leaf_no AS place, e.entry_id, e.body, e.leaf_hash FROM ledger_leaves l JOIN ledger_entries e ON e.id = l.entry WHERE l.leaf_no > ? ORDER BY l.leaf_no';
            $waiting = 'SELECT p.entry AS place, e.entry_id, e.body, e.leaf_hash FROM ledger_pending p JOIN ledger_entries e ON e.id = p.entry LEFT JOIN ledger_leaves l ON l.entry = p.entry WHERE l.entry IS NULL AND p.entry > ? ORDER BY p.entry';
            [$sequenced, $leaf] = $this->inOrder($from, $leaves, $after, $failed, $progress);
            [$pending] = $this->inOrder($from, $waiting, 0, $failed);

            return ['entries' => $sequenced + $pending, 'leaf' => $leaf];
        } finally {
            DB::setDefaultConnection($usual);
        }
    }

    /**
     * @param  Closure(string): void  $failed
     * @param  Closure(int): void|null  $progress
     * @return array{int, int} how many, and the place of the last
     */
    private function inOrder(Connection $from, string $query, int $after, Closure $failed, ?Closure $progress = null): array
    {
        $count = 0;
        while (($rows = $from->select($query.' LIMIT '.self::CHUNK, [$after])) !== []) {
            $entries = [];
            foreach ($rows as $row) {
                try {
                    $entries[] = Entry::fromBytes($row->body, $row->leaf_hash);
                } catch (Throwable $e) {
                    $failed("Entry $row->entry_id is left out of the replay: {$e->getMessage()}");
                }
                $after = (int) $row->place;
            }
            $this->project($entries, $failed);
            $count += count($entries);
            $progress === null || $progress($count);
        }

        return [$count, $after];
    }

    /**
     * Together, since that is fast; one by one where something among them cannot be projected.
     *
     * @param  list<Entry>  $entries
     * @param  Closure(string): void  $failed
     */
    private function project(array $entries, Closure $failed): void
    {
        try {
            DB::transaction(fn () => $this->projectors->project($entries));
        } catch (Throwable) {
            foreach ($entries as $entry) {
                try {
                    DB::transaction(fn () => $this->projectors->project([$entry]));
                } catch (Throwable $e) {
                    $failed(sprintf('Entry %s (%s) cannot be replayed: %s', $entry->optional('event.id') ?? '?', $entry->optional('event.type') ?? 'without a type', self::short($e)));
                }
            }
        }
    }

    /** The driver's message repeats the whole statement with its values. */
    private static function short(Throwable $e): string
    {
        return mb_strimwidth((string) preg_replace('/ \(Connection: .*/s', '', $e->getMessage()), 0, 200, '…');
    }
}
