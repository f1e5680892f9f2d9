<?php

declare(strict_types=1);

namespace App\Record;

use Closure;
use Illuminate\Support\Facades\DB;

/** New rows, gathered by table so that many go in together; whatever changes a row must find it. */
final class Rows
{
    /** @var array<string, list<array<string, mixed>>> by table */
    private array $rows = [];

    /** @param  array<string, mixed>  $row */
    public function add(string $table, array $row): void
    {
        $this->rows[$table][] = $row;
    }

    /** @param  Closure(): mixed  $change */
    public function change(Closure $change): void
    {
        $this->insert();
        $change();
    }

    public function insert(): void
    {
        foreach ($this->rows as $table => $rows) {
            DB::table($table)->insert($rows);
        }
        $this->rows = [];
    }
}
