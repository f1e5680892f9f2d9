<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who stands in for the lead at a bench: for which classes, at which hours, between which days. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::create('deputies', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'person')->index();
            $t->string('classes', 5)->charset('ascii');
            $t->char('from_time', 5)->charset('ascii');
            $t->char('until_time', 5)->charset('ascii');
            $t->date('first_day');
            $t->date('last_day');
            $this->uid($t, 'named_by');
            $t->dateTime('named_at', 6);
            $t->dateTime('ended_at', 6)->nullable();
        });
    }
};
