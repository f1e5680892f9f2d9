<?php

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Actions\AddCustomer;
use App\People\Actions\AddPerson;
use App\People\Role;
use App\Shared\Database\AreaMigration;
use App\Shared\Ids;
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
        // The table that they lay in goes a release later: the code before this one may still be at work.
        DB::statement("INSERT IGNORE INTO erasable_texts SELECT entry_id, 'reason', salt, text FROM reason_texts");
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
        // Each of these may be repeated: a start that is killed between two of them goes on with the next one.
        DB::statement('ALTER TABLE readings_aside MODIFY value VARCHAR(40) CHARACTER SET ascii NULL, MODIFY unit VARCHAR(12) CHARACTER SET ascii NULL, MODIFY reason VARCHAR(40) CHARACTER SET ascii NOT NULL, ADD COLUMN IF NOT EXISTS told VARCHAR(200) NULL AFTER unit');
        // One name, one form: compared as it is stored, not as a language sorts it.
        DB::statement('ALTER TABLE people MODIFY sign_in_name VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL, MODIFY badge VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL');
        DB::statement('UPDATE procedures p JOIN ledger_entries e ON e.stream = CONCAT(\'procedure/\', p.id) AND e.type = \'procedure_added\' SET p.created_at = e.received_at');
        $this->putOnRecord();
    }

    /** Who and what was here before it was told by entries is told by one now. */
    private function putOnRecord(): void
    {
        $told = fn (string $kind, string $type): array => DB::table('ledger_entries')->where('type', $type)->pluck('stream')->map(fn (string $s): string => substr($s, strlen($kind) + 1))->all();
        foreach (DB::table('customers')->whereNotIn('id', $told('customer', 'customer_added'))->get() as $c) {
            app(AddCustomer::class)($c->name, null, $c->id);
        }
        foreach (DB::table('people')->whereNotIn('id', $told('person', 'person_added'))->get() as $p) {
            $roles = DB::table('person_roles')->where('person', $p->id)->pluck('role')->map(fn (string $r): Role => Role::from($r))->all();
            app(AddPerson::class)(['name' => $p->name, 'sign_in_name' => $p->sign_in_name, 'badge' => $p->badge], array_values($roles), $p->customer, null, $p->id);
        }
        foreach (DB::table('families')->get() as $f) {
            $last = DB::table('ledger_entries')->where('stream', 'family/'.$f->id)->orderByDesc('seq')->value('body');
            if (! str_contains((string) $last, '"assembly_order"')) {
                $rows = fn (string $table, array $columns): array => DB::table($table)->where('family', $f->id)->orderBy('id')->get($columns)->map(fn (object $r): array => (array) $r)->all();
                $this->record('family_extended', 'family/'.$f->id, [
                    'code' => $f->code, 'name' => $f->name, 'description' => $f->description, 'joints' => $rows('joints', ['id', 'name', 'assembly_order']),
                    'variants' => $rows('variants', ['id', 'name', 'serials_from', 'serials_to', 'years_from', 'years_to', 'note']),
                ]);
            }
        }
        foreach (DB::table('sources')->whereNotNull('file_hash')->get() as $s) {
            if (! str_contains((string) DB::table('ledger_entries')->where('stream', 'source/'.$s->id)->where('type', 'source_paper_kept')->orderByDesc('seq')->value('body'), '"name"')) {
                $this->record('source_paper_kept', 'source/'.$s->id, ['digest' => $s->file_hash, 'type' => $s->file_type, 'bytes' => (int) $s->file_bytes, 'name' => (string) $s->file_name]);
            }
        }
    }

    /** @param  array<string, mixed>  $data */
    private function record(string $type, string $stream, array $data): void
    {
        app(Recorder::class)->transaction(fn () => app(Recorder::class)->append(new Draft(Ids::next(), $type, $stream, null, data: $data)));
    }
};
