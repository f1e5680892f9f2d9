<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The bench carries out every procedure: nothing says any more which it cannot. A tool says how it tells its torque. */
return new class extends AreaMigration
{
    public function up(): void
    {
        if (! Schema::hasColumn('tools', 'class')) {
            Schema::table('tools', fn (Blueprint $t) => $t->string('class', 8)->charset('ascii')->nullable());
        }
        if (Schema::hasColumn('revision_states', 'at_bench')) {
            Schema::table('revision_states', fn (Blueprint $t) => $t->dropColumn('at_bench'));
        }
    }
};
