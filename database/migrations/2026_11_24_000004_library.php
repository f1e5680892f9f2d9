<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        $this->documents();
        $this->states();
    }

    private function documents(): void
    {
        Schema::create('families', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 12)->charset('ascii')->unique();
            $t->string('name', 80);
            $t->string('description', 200);
        });
        Schema::create('joints', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'family')->index();
            $t->string('name', 80);
            $t->unsignedInteger('assembly_order');
        });
        Schema::create('revisions', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'joint')->index();
            $t->string('letter', 4)->charset('ascii');
            $t->string('format', 40)->charset('ascii');
            $t->binary('document', 0);
            $t->char('document_hash', 64)->charset('ascii');
            $this->uid($t, 'author');
            $t->dateTime('drafted_at', 6);
            $t->unique(['joint', 'letter']);
        });
        // Known by its content: the same document expanded twice is one plan.
        Schema::create('plans', function (Blueprint $t): void {
            $t->char('hash', 64)->charset('ascii')->primary();
            $t->binary('plan', 0);
        });
    }

    private function states(): void
    {
        Schema::create('revision_states', function (Blueprint $t): void {
            $this->uid($t, 'revision')->primary();
            $this->uid($t, 'joint')->index();
            $t->string('state', 12)->charset('ascii');
            $this->uid($t, 'approved_by')->nullable();
            $t->string('signature', 120)->nullable();
            $t->dateTime('approved_at', 6)->nullable();
            $t->dateTime('superseded_at', 6)->nullable();
            $t->char('plan_hash', 64)->charset('ascii')->nullable();
        });
        $this->refuseChange('revisions', 'plans');
    }
};
