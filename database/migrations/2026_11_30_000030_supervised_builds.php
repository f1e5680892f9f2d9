<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of a run that was finished under a supervisor: the methods that were learnt at it, joined by commas. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::hasColumn('run_progress', 'supervised') || Schema::table('run_progress', fn (Blueprint $t) => $t->string('supervised', 60)->charset('ascii')->nullable());
    }
};
