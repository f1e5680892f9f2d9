<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Heads and short blocks that have a number and a record of their own, and which engine each was in. */
return new class extends AreaMigration
{
    public function up(): void
    {
        // Empty: an engine. Else what it is, as its family calls it: "Head".
        Schema::hasColumn('subjects', 'subassembly') || Schema::table('subjects', fn (Blueprint $t) => $t->string('subassembly', 40)->default('')->index());
        // What was worked at an engine's own head goes with it when that comes off.
        Schema::hasColumn('runs', 'went_with') || Schema::table('runs', fn (Blueprint $t) => $this->uid($t, 'went_with')->nullable()->index());
        $this->once('fittings', function (Blueprint $t): void {
            $this->uid($t, 'entry_id');
            $this->uid($t, 'engine');
            $this->uid($t, 'subassembly')->index();
            $t->string('kind', 40);
            // Null: it was the engine's own, and got its number when it came off.
            $t->dateTime('fitted_at', 6)->nullable();
            $t->dateTime('removed_at', 6)->nullable();
            $t->string('removed_why', 200)->default('');
            // The engine came back with it as a later build, which has a row of its own.
            $t->boolean('passed_on')->default(false);
            $t->primary(['entry_id', 'engine', 'subassembly']);
            $t->index(['engine', 'removed_at']);
        });
    }
};
