<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\ErasableTexts;
use App\Ledger\Projectors;
use App\Ledger\Replay;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Replays the ledger and compares every projected table row by row. The replay writes into temporary tables that stand,
 * for its own connection only, in the place of the shop's: nothing is left behind, and two at once see nothing of each other.
 */
final readonly class ProjectionCheck implements Check
{
    private const CHUNK = 500;

    private const CONNECTION = 'replay';

    public function __construct(
        private Projectors $projectors,
        private Replay $replay,
    ) {
    }

    public function run(Connection $snapshot, Report $report): void
    {
        $replayed = DB::connectUsing(self::CONNECTION, (array) config('database.connections.owner'), force: true);
        assert($replayed instanceof Connection);
        foreach ([...$this->projectors->tables(), ErasableTexts::TABLE] as $table) {
            $made = (array) $replayed->selectOne("SHOW CREATE TABLE `$table`");
            $replayed->unprepared((string) preg_replace('/^CREATE TABLE/', 'CREATE TEMPORARY TABLE', (string) $made['Create Table']));
        }
        $this->names($snapshot, $replayed);
        $this->replay->run($snapshot, self::CONNECTION, $report->add(...));
        foreach ($this->projectors->tables() as $table) {
            $this->compare($table, $snapshot, $replayed, $report);
        }
        DB::purge(self::CONNECTION);
    }

    /** As they were in the snapshot: one that is erased meanwhile would be missed otherwise. */
    private function names(Connection $snapshot, Connection $replayed): void
    {
        $snapshot->table(ErasableTexts::TABLE)->whereIn('field', ErasableTexts::NAMES)->orderBy('entry_id')
            ->chunk(self::CHUNK, fn ($rows) => $replayed->table(ErasableTexts::TABLE)->insert($rows->map(fn (object $r): array => (array) $r)->all()));
    }

    private function compare(string $table, Connection $kept, Connection $replayed, Report $report): void
    {
        $keys = array_column($kept->select("SHOW KEYS FROM `$table` WHERE Key_name = 'PRIMARY'"), 'Column_name');
        foreach ($this->pages($kept, $table, $keys) as $here) {
            $report->rows += count($here);
            $there = $this->same($replayed, $table, $keys, $here);
            foreach ($here as $key => $row) {
                if ((array) ($there[$key] ?? null) !== (array) $row) {
                    $report->add("The row $key of $table is not what the entries say.");
                }
            }
        }
        foreach ($this->pages($replayed, $table, $keys) as $there) {
            foreach (array_keys(array_diff_key($there, $this->same($kept, $table, $keys, $there))) as $key) {
                $report->add("The row $key of $table is missing: the entries tell of it.");
            }
        }
    }

    /**
     * By key, not by offset, so that a long table is read once.
     *
     * @param  list<string>  $keys
     * @return iterable<array<string, object>> rows by key
     */
    private function pages(Connection $connection, string $table, array $keys): iterable
    {
        $last = null;
        do {
            $rows = $connection->table($table)->when($last !== null, fn (Builder $q) => $this->after($q, $keys, (array) $last))
                ->orderByRaw(implode(', ', array_map(fn (string $k): string => "`$k`", $keys)))->limit(self::CHUNK)->get()->all();
            if ($rows !== []) {
                yield $this->byKey($rows, $keys);
                $last = end($rows);
            }
        } while (count($rows) === self::CHUNK);
    }

    /**
     * a > ? OR (a = ? AND b > ?), with a >= ? before it so that the index is used from there.
     *
     * @param  list<string>  $keys
     * @param  array<string, mixed>  $last
     */
    private function after(Builder $query, array $keys, array $last): void
    {
        $query->where($keys[0], '>=', $last[$keys[0]])->where(function (Builder $any) use ($keys, $last): void {
            foreach ($keys as $i => $key) {
                $any->orWhere(function (Builder $all) use ($keys, $last, $i, $key): void {
                    foreach (array_slice($keys, 0, $i) as $same) {
                        $all->where($same, $last[$same]);
                    }
                    $all->where($key, '>', $last[$key]);
                });
            }
        });
    }

    /**
     * @param  list<string>  $keys
     * @param  array<string, object>  $rows
     * @return array<string, object> the rows with the same keys
     */
    private function same(Connection $connection, string $table, array $keys, array $rows): array
    {
        $first = array_values(array_unique(array_map(fn (object $r): mixed => $r->{$keys[0]}, $rows)));

        return array_intersect_key($this->byKey($connection->table($table)->whereIn($keys[0], $first)->get()->all(), $keys), $rows);
    }

    /**
     * @param  array<int, object>  $rows
     * @param  list<string>  $keys
     * @return array<string, object>
     */
    private function byKey(array $rows, array $keys): array
    {
        return array_combine(array_map(fn (object $r): string => implode('/', array_map(fn (string $k): string => (string) $r->{$k}, $keys)), $rows), $rows);
    }
}
