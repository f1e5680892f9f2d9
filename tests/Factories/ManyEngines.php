<?php

declare(strict_types=1);

namespace Tests\Factories;

use Illuminate\Support\Facades\DB;

/** Engines at work by the hundred: rows copied from one that is. */
final class ManyEngines
{
    /** @param  string  $run  of the engine that they are copies of */
    public static function like(string $run, int $count): void
    {
        $columns = fn (string $table, array $other): string => implode(', ', array_map(fn (string $c): string => ($other[$c] ?? "o.`$c`")." AS `$c`", array_column(DB::select("SHOW COLUMNS FROM `$table`"), 'Field')));
        $there = DB::table('subjects')->count();
        for ($i = $there; $i < $there + $count; $i++) {
            $id = fn (string $kind): string => sprintf("'019f0000-0000-7000-8%s-%012d'", $kind, $i);
            foreach ([
                'subjects' => [['id' => $id('001'), 'serial' => "'TN3-70-$i'"], 'o.id = (SELECT subject FROM runs WHERE id = ?)'],
                'assignments' => [['id' => $id('002'), 'subject' => $id('001')], 'o.id = (SELECT assignment FROM runs WHERE id = ?)'],
                'runs' => [['id' => $id('003'), 'subject' => $id('001'), 'assignment' => $id('002')], 'o.id = ?'],
                'run_progress' => [['run' => $id('003')], 'o.run = ?'],
            ] as $table => [$other, $which]) {
                DB::insert("INSERT INTO `$table` SELECT {$columns($table, $other)} FROM `$table` o WHERE $which", [$run]);
            }
        }
    }
}
