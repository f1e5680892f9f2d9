<?php

use App\Library\Models\Procedure;
use App\Library\ProcedureSummaries;
use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Procedures by hardware option, working drafts, sources with their papers, window standards, permits, imports. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->procedures();
        $this->drafts();
        $this->searching();
        $this->standards();
        $this->imports();
    }

    private function procedures(): void
    {
        // A document may have 2 MB; a plan is larger still.
        DB::statement('ALTER TABLE revisions MODIFY document MEDIUMBLOB NOT NULL');
        DB::statement('ALTER TABLE plans MODIFY plan LONGBLOB NOT NULL');
        // Letters count per procedure, and a letter sent back is submitted again.
        Schema::table('revisions', fn (Blueprint $t) => $t->dropUnique(['joint', 'letter']));
        Schema::create('variants', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'family')->index();
            $t->string('name', 80);
            foreach (['serials_from', 'serials_to'] as $serial) {
                $t->string($serial, 40)->default('');
            }
            foreach (['years_from', 'years_to'] as $year) {
                $t->string($year, 4)->default('');
            }
            $t->string('note', 200)->default('');
        });
        Schema::create('procedures', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'joint')->index();
            $t->string('option', 80);
            $this->uid($t, 'variant')->nullable();
            $this->uid($t, 'sister_of')->nullable();
            $t->dateTime('created_at', 6);
            $t->unique(['joint', 'option']);
        });
    }

    private function drafts(): void
    {
        Schema::create('drafts', function (Blueprint $t): void {
            $this->uid($t, 'procedure')->primary();
            $t->string('letter', 4)->charset('ascii');
            $t->mediumText('document');
            $t->text('answers');
            $t->unsignedInteger('version');
            $this->uid($t, 'author');
            $this->uid($t, 'saved_by');
            $t->dateTime('saved_at', 6);
            $this->uid($t, 'based_on')->nullable();
        });
        // What stands in lists and is searched: made anew from the document whenever that changes.
        Schema::create('procedure_faces', function (Blueprint $t): void {
            $this->uid($t, 'procedure')->primary();
            $this->uid($t, 'family')->index();
            $t->string('place', 120);
            $this->uid($t, 'revision')->nullable();
            $t->string('state', 12)->charset('ascii')->index();
            $t->string('letter', 4)->charset('ascii');
            $t->string('ahead', 12)->charset('ascii')->nullable();
            $t->boolean('missing');
            $t->unsignedInteger('conflicts');
            $t->text('line');
            $t->mediumText('card');
            $t->text('words');
            $t->index(['place', 'procedure']);
        });
    }

    private function searching(): void
    {
        Schema::create('target_index', function (Blueprint $t): void {
            $t->bigIncrements('id');
            $this->uid($t, 'procedure')->index();
            $t->string('quantity', 8)->charset('ascii');
            $t->decimal('base_value', 24, 12);
            $t->string('text', 40);
            $t->index(['quantity', 'base_value', 'procedure']);
        });
        Schema::create('sources', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 20)->unique();
            $t->string('kind', 20)->charset('ascii');
            $t->string('title', 160);
            $t->string('edition', 60);
            $t->string('date', 20);
            $t->string('kept', 160)->default('');
            $t->string('superseded_by', 20)->nullable();
            $t->char('file_hash', 64)->charset('ascii')->nullable();
            $t->string('file_type', 20)->charset('ascii')->nullable();
            $t->string('file_name', 160)->nullable();
            $t->unsignedInteger('file_bytes')->nullable();
        });
    }

    private function standards(): void
    {
        Schema::create('standards', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 20)->unique();
            $t->string('quantity', 8)->charset('ascii');
            $t->string('tool', 30)->default('');
            $t->string('risk_class', 1)->default('');
            $t->string('tolerance', 30);
            $t->string('source', 20);
            $t->string('state', 12)->charset('ascii');
            $this->uid($t, 'asked_by');
            $this->uid($t, 'approved_by')->nullable();
            $t->string('signature', 120)->nullable();
            $t->dateTime('approved_at', 6)->nullable();
        });
        Schema::create('permits', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 12)->charset('ascii')->unique();
            $this->uid($t, 'procedure')->index();
            $t->string('stage', 32)->charset('ascii')->nullable();
            $t->string('departure', 400);
            $t->string('reason', 400);
            $t->string('customer_reference', 120)->default('');
            $t->unsignedInteger('quantity')->nullable();
            $t->text('serials');
            $t->date('valid_from');
            $t->date('valid_until')->nullable();
            $t->string('state', 12)->charset('ascii');
            $this->uid($t, 'asked_by');
            $t->dateTime('asked_at', 6);
            $this->uid($t, 'approved_by')->nullable();
            $t->string('signature', 120)->nullable();
            $t->dateTime('approved_at', 6)->nullable();
        });
    }

    private function imports(): void
    {
        Schema::create('imports', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'person');
            $t->string('name', 160);
            $t->char('file_hash', 64)->charset('ascii');
            $t->string('state', 12)->charset('ascii');
            $t->mediumText('report');
            $t->unsignedInteger('total');
            $t->unsignedInteger('done')->default(0);
            $t->unsignedInteger('written')->default(0);
            $t->dateTime('looked_at', 6);
        });
        Schema::table('revision_states', function (Blueprint $t): void {
            $this->uid($t, 'procedure')->default('')->index();
            $t->string('letter', 4)->charset('ascii')->default('');
            $this->uid($t, 'author')->default('');
            $t->dateTime('submitted_at', 6)->nullable();
            $t->text('answers')->nullable();
            $t->text('remark')->nullable();
            $t->boolean('at_bench')->default(true);
        });
        $this->carryOver();
    }

    /** What was here before has one option for each joint: the procedure then has the joint's id. */
    private function carryOver(): void
    {
        foreach (DB::table('revisions')->orderBy('drafted_at')->get() as $revision) {
            $document = json_decode($revision->document, true);
            DB::table('procedures')->insertOrIgnore(['id' => $revision->joint, 'joint' => $revision->joint, 'option' => $document['option'] ?? '', 'created_at' => $revision->drafted_at]);
            DB::table('revision_states')->where('revision', $revision->id)->update(['procedure' => $revision->joint, 'letter' => $revision->letter, 'author' => $revision->author, 'submitted_at' => $revision->drafted_at, 'answers' => '[]']);
        }
        DB::table('revision_states')->where('state', 'draft')->update(['state' => 'in_review']);
        Procedure::query()->get()->each(fn (Procedure $p) => app(ProcedureSummaries::class)->refresh($p));
    }
};
