<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A joint that was opened again in the same build: its run stays on record, and another one comes after it. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::hasColumn('runs', 'opened_at') || Schema::table('runs', fn (Blueprint $t) => $t->dateTime('opened_at', 6)->nullable());
        Schema::hasColumn('runs', 'opened_why') || Schema::table('runs', fn (Blueprint $t) => $t->string('opened_why', 200)->nullable());
    }
};
