<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is known of an engine beside its fasteners: its order, its core, what was machined, other numbers it has had, pictures. */
return new class extends AreaMigration
{
    private const TEXTS = ['variant' => 80, 'order_number' => 40, 'core' => 400, 'waits_for' => 120, 'note' => 400];

    public function up(): void
    {
        foreach (self::TEXTS as $column => $length) {
            Schema::hasColumn('subjects', $column) || Schema::table('subjects', fn (Blueprint $t) => $t->string($column, $length)->default(''));
        }
        foreach (['received_on', 'due_on'] as $day) {
            Schema::hasColumn('subjects', $day) || Schema::table('subjects', fn (Blueprint $t) => $t->date($day)->nullable());
        }
        Schema::hasColumn('subjects', 'machining') || Schema::table('subjects', fn (Blueprint $t) => $t->text('machining')->default('[]'));
        Schema::hasIndex('subjects', ['state', 'opened_at']) || Schema::table('subjects', fn (Blueprint $t) => $t->index(['state', 'opened_at']));
        // Numbers that the same engine bore before: a maker's, or one that was stamped over.
        $this->once('old_serials', function (Blueprint $t): void {
            $this->uid($t, 'subject');
            $t->string('serial', 40);
            $t->string('why', 120)->default('');
            $t->primary(['subject', 'serial']);
            $t->index('serial');
        });
        $this->once('build_pictures', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'subject')->index();
            $t->char('hash', 64)->charset('ascii');
            $t->string('type', 40)->charset('ascii');
            $t->unsignedInteger('bytes');
            $t->string('shows', 120);
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->dateTime('removed_at', 6)->nullable();
        });
    }
};
