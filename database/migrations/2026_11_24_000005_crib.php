<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::create('tools', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 20)->charset('ascii')->unique();
            $t->string('name', 120);
            $t->string('kind', 24)->charset('ascii');
            $t->string('unit', 12)->charset('ascii');
            $t->string('lowest', 20)->charset('ascii');
            $t->string('highest', 20)->charset('ascii');
            $t->string('resolution', 20)->charset('ascii');
            // The entry that registered or last set it: what a verdict rests on.
            $this->uid($t, 'entry_id');
            $t->char('entry_leaf', 64)->charset('ascii');
        });
        Schema::create('calibrations', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'tool')->index();
            $t->date('calibrated_on');
            $t->date('due_on');
            $t->boolean('conforms');
            $t->string('certificate', 60);
            $t->char('leaf_hash', 64)->charset('ascii');
        });
    }
};
