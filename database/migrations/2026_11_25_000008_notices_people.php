<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Notices that somebody has to acknowledge. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::create('notices', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('title', 160);
            $t->text('body');
            $t->string('link', 160)->default('');
            $t->dateTime('sent_at', 6);
        });
        Schema::create('notice_receipts', function (Blueprint $t): void {
            $this->uid($t, 'notice');
            $this->uid($t, 'person')->index();
            $t->dateTime('acknowledged_at', 6)->nullable();
            $t->primary(['notice', 'person']);
        });
    }
};
