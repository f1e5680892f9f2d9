<?php

declare(strict_types=1);

namespace App\Shared\Database;

use Closure;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Database\Schema\ColumnDefinition;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the migrations of all areas share. There is no down(): going back is a restore. MariaDB commits each statement by
 * itself, so a start that is killed leaves a migration half done: every statement is written so that it may be repeated.
 */
abstract class AreaMigration extends Migration
{
    /** @param  Closure(Blueprint): void  $columns */
    protected function once(string $table, Closure $columns): void
    {
        if (! Schema::hasTable($table)) {
            Schema::create($table, $columns);
        }
    }

    /** An opaque id, UUIDv7 in its usual spelling. */
    protected function uid(Blueprint $table, string $column): ColumnDefinition
    {
        return $table->char($column, 36)->charset('ascii')->collation('ascii_bin');
    }

    /** Grants keep the application from changing these tables; triggers keep everybody else who may write. */
    protected function refuseChange(string ...$tables): void
    {
        foreach ($tables as $table) {
            foreach (AppendOnly::triggers($table) as $name => ['verb' => $verb, 'statement' => $statement]) {
                DB::unprepared("CREATE TRIGGER $name BEFORE $verb ON $table FOR EACH ROW $statement");
            }
        }
    }
}
