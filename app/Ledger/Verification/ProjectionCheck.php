<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Entry;
use App\Ledger\Projectors;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;

/** Replays the ledger into empty tables of a database beside the shop's own, and compares them row by row. */
final readonly class ProjectionCheck
{
    private const CHUNK = 500;

    public function __construct(private Projectors $projectors)
    {
    }

    public function run(Connection $snapshot, Report $report): void
    {
        $name = $snapshot->getDatabaseName().'_check';
        $owner = DB::connectUsing('check', ['database' => null] + (array) config('database.connections.owner'), force: true);
        $owner->unprepared("CREATE OR REPLACE DATABASE `$name`");
        foreach ($this->projectors->tables() as $table) {
            $owner->unprepared("CREATE TABLE `$name`.`$table` LIKE `{$snapshot->getDatabaseName()}`.`$table`");
        }
        $check = DB::connectUsing('check', ['database' => $name] + (array) config('database.connections.owner'), force: true);
        try {
            $check->transaction(fn () => $this->replay($snapshot));
            foreach ($this->projectors->tables() as $table) {
                $this->compare($table, $snapshot, $check, $report);
            }
        } finally {
            $check->unprepared("DROP DATABASE `$name`");
        }
    }

    /** Projectors write to whatever connection is the default one. */
    private function replay(Connection $snapshot): void
    {
        $usual = DB::getDefaultConnection();
        DB::setDefaultConnection('check');
        try {
            $this->replayInOrder($snapshot, 'SELECT l.leaf_no AS place, e.body, e.leaf_hash FROM ledger_leaves l JOIN ledger_entries e ON e.id = l.entry WHERE l.leaf_no > ? ORDER BY l.leaf_no');
            $this->replayInOrder($snapshot, 'SELECT p.entry AS place, e.body, e.leaf_hash FROM ledger_pending p JOIN ledger_entries e ON e.id = p.entry WHERE p.entry > ? ORDER BY p.entry');
        } finally {
            DB::setDefaultConnection($usual);
        }
    }

    private function replayInOrder(Connection $snapshot, string $query): void
    {
        $last = 0;
        while (($rows = $snapshot->select($query.' LIMIT '.self::CHUNK, [$last])) !== []) {
            $this->projectors->project(array_map(fn (object $row): Entry => Entry::fromBytes($row->body, $row->leaf_hash), $rows));
            $last = (int) end($rows)->place;
        }
    }

    private function compare(string $table, Connection $kept, ConnectionInterface $replayed, Report $report): void
    {
        $keys = array_column($kept->select("SHOW KEYS FROM `$table` WHERE Key_name = 'PRIMARY'"), 'Column_name');
        for ($from = 0; ; $from += self::CHUNK) {
            $page = fn (ConnectionInterface $c): array => array_column(array_map(
                fn (object $row): array => [implode('/', array_map(fn (string $k): string => (string) $row->{$k}, $keys)), json_encode($row)],
                $c->table($table)->orderByRaw(implode(', ', $keys))->offset($from)->limit(self::CHUNK)->get()->all(),
            ), 1, 0);
            [$here, $there] = [$page($kept), $page($replayed)];
            $report->rows += count($here);
            foreach (array_keys(array_diff_assoc($here, $there) + array_diff_assoc($there, $here)) as $key) {
                $report->add("The row $key of $table is not what the entries say.");
            }
            if (count($here) < self::CHUNK && count($there) < self::CHUNK) {
                return;
            }
        }
    }
}
