<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::create('assignments', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'subject')->index();
            $this->uid($t, 'joint');
            $t->string('option', 120);
            $this->uid($t, 'revision');
            $t->char('plan_hash', 64)->charset('ascii');
            $this->uid($t, 'person')->index();
            $this->uid($t, 'given_by');
            $t->dateTime('given_at', 6);
            $t->dateTime('begun_at', 6)->nullable();
            $t->dateTime('taken_back_at', 6)->nullable();
        });
        Schema::create('run_progress', function (Blueprint $t): void {
            $this->uid($t, 'run')->primary();
            $t->unsignedInteger('seq');
            $t->unsignedInteger('done');
            $t->unsignedInteger('all_steps');
            $t->boolean('finished');
            $t->boolean('stopped');
            $t->string('next', 120)->charset('ascii')->nullable();
            $t->text('why')->nullable();
            $t->mediumText('rounds');
            $t->mediumText('marks');
        });
        // The state of a run at each twenty entries, so that a long one is not folded from its beginning for each reading.
        Schema::create('run_snapshots', function (Blueprint $t): void {
            $this->uid($t, 'run')->primary();
            $t->unsignedInteger('seq');
            $t->longText('state');
        });
    }
};
