<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** What the shop has stopped, which benches know of it, and which lots went into which run. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('stops', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->unsignedInteger('number')->unique();
            $t->string('what', 20)->charset('ascii');
            $this->uid($t, 'key');
            // As a run knows it: the id of a revision or tool, the number of a lot; null where no run can know.
            $t->string('known_as', 20)->charset('ascii')->nullable();
            $t->string('known_by', 120);
            $t->string('title', 200);
            $t->string('short', 80);
            $t->string('reason', 1000);
            $this->uid($t, 'stopped_by');
            $t->dateTime('stopped_at', 6);
            $this->uid($t, 'lift_asked_by')->nullable();
            $t->dateTime('lift_asked_at', 6)->nullable();
            $t->string('lift_reason', 1000)->nullable();
            $t->string('lift_signature', 120)->nullable();
            $t->string('kept_why', 1000)->nullable();
            $this->uid($t, 'lifted_by')->nullable();
            $t->string('lifted_signature', 120)->nullable();
            $t->dateTime('lifted_at', 6)->nullable();
            $t->index(['lifted_at', 'what', 'key']);
        });
        $this->known();
    }

    /** By which benches; and what a run knows of a lot. */
    private function known(): void
    {
        $this->once('stop_seen', function (Blueprint $t): void {
            $this->uid($t, 'stop');
            $this->uid($t, 'device');
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->primary(['stop', 'device']);
        });
        // By its number without dashes and spaces, as two bags of it may be printed differently.
        $this->once('lot_uses', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'run')->index();
            $t->string('known_as', 20)->charset('ascii');
            $t->string('lot', 120);
            $t->unsignedInteger('places');
            $t->dateTime('at', 6);
            $t->index(['lot', 'known_as']);
        });
    }
};
