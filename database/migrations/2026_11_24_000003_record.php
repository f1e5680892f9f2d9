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
            $t->string('option', 120);
            $t->char('risk_class', 1)->charset('ascii');
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
        // What stood at each step, for searching across engines. One entry can give many steps a result.
        Schema::create('results', function (Blueprint $t): void {
            $t->uuid('entry_id');
            $t->string('step', 120)->charset('ascii');
            $t->uuid('run');
            $t->uuid('subject')->index();
            $t->uuid('joint');
            $t->string('stage', 60)->charset('ascii');
            $t->string('stage_kind', 20)->charset('ascii');
            $t->string('position', 60)->charset('ascii');
            $t->unsignedInteger('attempt');
            $t->string('value', 40)->charset('ascii')->nullable();
            $t->string('setting', 40)->charset('ascii')->nullable();
            $t->decimal('base_value', 24, 12)->nullable();
            foreach (['target', 'low', 'high'] as $limit) {
                $t->string($limit, 40)->charset('ascii')->nullable();
            }
            $t->string('window_of', 80)->charset('ascii')->nullable();
            $t->char('risk_class', 1)->charset('ascii');
            $t->string('verdict', 16)->charset('ascii');
            $t->string('evidence', 24)->charset('ascii');
            $t->string('status', 16)->charset('ascii');
            $t->string('source', 20)->charset('ascii');
            $t->uuid('tool')->nullable();
            $t->uuid('calibration')->nullable();
            $t->uuid('person');
            $t->uuid('device');
            $t->dateTime('taken_at', 6);
            $t->dateTime('received_at', 6);
            $t->primary(['entry_id', 'step']);
            $t->unique(['run', 'step', 'attempt']);
            foreach ([['tool'], ['joint', 'stage', 'position'], ['person'], ['calibration'], ['verdict']] as $by) {
                $t->index([...$by, 'taken_at', 'entry_id']);
            }
            $t->index(['tool', 'received_at']);
        });
    }

    private function aside(): void
    {
        // Whatever a bench saw that moved nothing: readings, and all else.
        Schema::create('readings_aside', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $t->string('type', 40)->charset('ascii');
            $t->string('standing', 16)->charset('ascii');
            $t->string('reason', 40)->charset('ascii');
            $this->uid($t, 'run')->nullable()->index();
            $this->uid($t, 'subject')->nullable()->index();
            $t->string('step', 120)->charset('ascii')->nullable();
            $t->string('value', 40)->charset('ascii')->nullable();
            $t->string('told', 800)->nullable();
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
            $t->unsignedSmallInteger('n');
            $t->primary(['entry_id', 'n']);
        });
    }
};
