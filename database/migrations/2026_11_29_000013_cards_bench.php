<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Job cards on paper: where each is, who worked it, who typed it in, who compared it. */
return new class extends AreaMigration
{
    public function up(): void
    {
        Schema::create('job_cards', function (Blueprint $t): void {
            $t->string('number', 12)->charset('ascii')->primary();
            foreach (['assignment', 'subject'] as $of) {
                $this->uid($t, $of)->index();
            }
            $this->uid($t, 'joint');
            $t->string('option', 120);
            $this->uid($t, 'revision');
            $t->char('plan_hash', 64)->charset('ascii');
            $t->unsignedInteger('at_seq');
            $t->string('state', 12)->charset('ascii');
            $this->uid($t, 'printed_by');
            $t->dateTime('printed_at', 6);
            $t->string('superseded_by', 12)->charset('ascii')->nullable();
            $this->uid($t, 'worked_by')->nullable();
            $t->date('worked_on')->nullable();
            $t->char('scan', 64)->charset('ascii')->nullable();
            $t->string('scan_type', 40)->charset('ascii')->nullable();
            $this->uid($t, 'run')->nullable()->index();
            $this->uid($t, 'typed_by')->nullable();
            $t->text('differ');
            $this->uid($t, 'compared_by')->nullable();
            $t->dateTime('compared_at', 6)->nullable();
            $t->string('reason', 40)->charset('ascii')->nullable();
        });
    }
};
