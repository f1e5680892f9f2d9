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
            $this->uid($t, 'revision');
            $t->char('plan_hash', 64)->charset('ascii');
            $this->uid($t, 'person')->index();
            $this->uid($t, 'given_by');
            $t->dateTime('given_at', 6);
            $t->dateTime('taken_back_at', 6)->nullable();
        });
    }
};
