<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** Values that somebody at a bench asked for instead of guessing, and what was answered. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('asked_values', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'subject')->index();
            $t->string('says', 200);
            $this->uid($t, 'person')->index();
            $this->uid($t, 'device');
            $t->dateTime('asked_at', 6);
            $t->string('answer', 200)->nullable();
            $this->uid($t, 'answered_by')->nullable();
            $t->dateTime('answered_at', 6)->nullable();
        });
    }
};
