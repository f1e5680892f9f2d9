<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        $this->builds();
        $this->results();
        $this->aside();
    }

    private function builds(): void
    {
        Schema::create('subjects', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('serial', 40);
            $t->unsignedInteger('build_number');
            $this->uid($t, 'family');
            $this->uid($t, 'customer');
            $t->string('state', 12)->charset('ascii');
            $t->dateTime('opened_at', 6);
            $t->dateTime('finished_at', 6)->nullable();
            $t->dateTime('shipped_at', 6)->nullable();
            $t->unique(['serial', 'build_number']);
        });
        Schema::create('runs', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'subject')->index();
            $this->uid($t, 'joint');
            $this->uid($t, 'revision');
            $t->char('plan_hash', 64)->charset('ascii');
            $this->uid($t, 'assignment')->unique();
            $this->uid($t, 'person');
            $this->uid($t, 'device');
            $t->dateTime('begun_at', 6);
            $t->dateTime('finished_at', 6)->nullable();
        });
    }

    private function results(): void
    {
        Schema::create('results', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'run')->index();
            $this->uid($t, 'subject')->index();
            $t->string('step', 120)->charset('ascii');
            $t->unsignedInteger('attempt');
            $t->string('value', 40)->charset('ascii');
            $t->string('unit', 12)->charset('ascii');
            $t->decimal('base_value', 24, 12);
            $t->string('verdict', 16)->charset('ascii');
            $t->string('evidence', 24)->charset('ascii');
            $t->string('status', 12)->charset('ascii');
            $t->string('source', 20)->charset('ascii');
            $this->uid($t, 'tool')->index();
            $this->uid($t, 'calibration')->nullable();
            $this->uid($t, 'person');
            $this->uid($t, 'device');
            $t->dateTime('taken_at', 6);
        });
    }

    private function aside(): void
    {
        Schema::create('readings_aside', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $t->string('standing', 16)->charset('ascii');
            $t->string('reason', 40)->charset('ascii');
            $this->uid($t, 'run')->nullable()->index();
            $this->uid($t, 'subject')->nullable()->index();
            $t->string('step', 120)->charset('ascii')->nullable();
            $t->string('value', 40)->charset('ascii');
            $t->string('unit', 12)->charset('ascii');
            $this->uid($t, 'tool')->nullable();
            $this->uid($t, 'person');
            $t->dateTime('received_at', 6);
            $t->dateTime('disposed_at', 6)->nullable();
            $this->uid($t, 'disposed_by')->nullable();
        });
        Schema::create('findings', function (Blueprint $t): void {
            $this->uid($t, 'entry_id');
            $t->string('kind', 30)->charset('ascii');
            $this->uid($t, 'subject')->nullable()->index();
            $this->uid($t, 'run')->nullable();
            $t->string('step', 120)->charset('ascii')->nullable();
            $t->text('sentence');
            $t->dateTime('raised_at', 6);
            $t->primary(['entry_id', 'kind']);
        });
        // Free text can be erased; the entry holds only its salted hash.
        Schema::create('reason_texts', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $t->char('salt', 32)->charset('ascii');
            $t->text('text');
        });
    }
};
