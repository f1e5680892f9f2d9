<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Torques of the shop for small joints that no procedure is written for, and which revisions are nothing but a row of them. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('general_tables', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 20)->charset('ascii')->unique();
            $t->string('source', 20)->charset('ascii');
            $t->string('condition', 30)->charset('ascii');
            $t->string('tolerance', 30);
            $t->text('rows');
            // What speaks for a row that the core doubts; empty: none is doubted.
            $t->string('although', 400)->default('');
            $t->string('state', 12)->charset('ascii');
            $this->uid($t, 'asked_by');
            $t->dateTime('asked_at', 6);
            $this->uid($t, 'approved_by')->nullable();
            $t->string('signature', 120)->nullable();
            $t->dateTime('approved_at', 6)->nullable();
            $t->string('withdrawn_why', 400)->default('');
            $t->dateTime('withdrawn_at', 6)->nullable();
        });
        Schema::hasColumn('revision_states', 'by_table') || Schema::table('revision_states', fn (Blueprint $t) => $t->string('by_table', 20)->charset('ascii')->default(''));
    }
};
