<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;

/** Words apart from the record, everybody who wrote a revision, counted tries at signing in, observations that could not be read. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->texts();
        $this->commands();
    }

    private function texts(): void
    {
        $this->once('erasable_texts', function (Blueprint $t): void {
            $this->uid($t, 'entry_id');
            $t->string('field', 20)->charset('ascii');
            $t->char('salt', 32)->charset('ascii');
            $t->mediumText('text');
            $t->primary(['entry_id', 'field']);
        });
        $this->once('draft_writers', function (Blueprint $t): void {
            $this->uid($t, 'procedure');
            $this->uid($t, 'person');
            $t->primary(['procedure', 'person']);
        });
        DB::statement('INSERT IGNORE INTO draft_writers SELECT d.procedure, d.author FROM drafts d UNION SELECT d.procedure, d.saved_by FROM drafts d');
        $this->once('revision_authors', function (Blueprint $t): void {
            $this->uid($t, 'revision');
            $this->uid($t, 'person');
            $t->primary(['revision', 'person']);
        });
        DB::statement('INSERT IGNORE INTO revision_authors SELECT revision, author FROM revision_states');
        $this->once('sign_in_tries', function (Blueprint $t): void {
            $t->char('who', 64)->charset('ascii')->primary();
            $t->unsignedInteger('tries');
            $t->dateTime('until', 6)->index();
        });
    }

    private function commands(): void
    {
        $this->once('desk_commands', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->char('hash', 64)->charset('ascii');
            $this->uid($t, 'person');
            $t->unsignedSmallInteger('status');
            $t->mediumText('answer')->nullable();
            $t->dateTime('at', 6)->index();
        });
        // One name, one form: compared as it is stored, not as a language sorts it.
        DB::statement('ALTER TABLE people MODIFY sign_in_name VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL, MODIFY badge VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL');
    }
};
