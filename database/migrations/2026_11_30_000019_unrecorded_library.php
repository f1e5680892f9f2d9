<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How serial numbers of a family read, and what rests on what in it; and permits for one engine to leave the shop with a joint that is not recorded. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::hasColumn('families', 'serial_rules') || Schema::table('families', fn (Blueprint $t) => $t->string('serial_rules', 400)->default(''));
        Schema::hasColumn('joints', 'rests_on') || Schema::table('joints', fn (Blueprint $t) => $t->text('rests_on')->default('[]'));
        Schema::table('permits', fn (Blueprint $t) => $this->uid($t, 'procedure')->nullable()->change());
        foreach (['subject', 'joint'] as $of) {
            Schema::hasColumn('permits', $of) || Schema::table('permits', fn (Blueprint $t) => $this->uid($t, $of)->nullable()->index());
        }
    }
};
