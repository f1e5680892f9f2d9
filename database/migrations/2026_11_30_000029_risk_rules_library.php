<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** What the shop wants of each risk class. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('risk_rules', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->text('rules');
            $t->string('why', 400);
            $t->string('state', 12)->charset('ascii')->index();
            $this->uid($t, 'asked_by');
            $t->dateTime('asked_at', 6);
            $this->uid($t, 'approved_by')->nullable();
            $t->string('signature', 120)->nullable();
            $t->dateTime('approved_at', 6)->nullable();
        });
    }
};
