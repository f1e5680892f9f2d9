<?php

declare(strict_types=1);

namespace App\Shared\Database;

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Database\Schema\ColumnDefinition;
use Illuminate\Support\Facades\DB;

/** What the migrations of all areas share. There is no down(): going back is a restore. */
abstract class AreaMigration extends Migration
{
    /** An opaque id, UUIDv7 in its usual spelling. */
    protected function uid(Blueprint $table, string $column): ColumnDefinition
    {
        return $table->char($column, 36)->charset('ascii')->collation('ascii_bin');
    }

    /** Grants keep the application from changing these tables; triggers keep everybody else who may write. */
    protected function refuseChange(string ...$tables): void
    {
        foreach ($tables as $table) {
            foreach (['UPDATE', 'DELETE'] as $verb) {
                DB::unprepared(sprintf(
                    "CREATE TRIGGER %s_no_%s BEFORE %s ON %s FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '%s is only ever added to'",
                    $table, strtolower($verb), $verb, $table, $table,
                ));
            }
        }
    }
}
