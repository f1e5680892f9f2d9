<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How the metal of each run stands, for whoever works elsewhere on the same engine; and shifts that were handed over by two. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::hasColumn('run_progress', 'metal') || Schema::table('run_progress', fn (Blueprint $t) => $t->text('metal')->default('{}'));
        $this->once('handovers', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'device');
            $this->uid($t, 'from_person')->index();
            $this->uid($t, 'to_person')->index();
            $t->string('said', 300);
            $t->text('engines');
            $t->dateTime('at', 6)->index();
        });
        // Which engines it was about: the newest word about one is looked up by it.
        $this->once('handed_engines', function (Blueprint $t): void {
            $this->uid($t, 'handover');
            $this->uid($t, 'subject')->index();
            $t->primary(['handover', 'subject']);
        });
    }
};
