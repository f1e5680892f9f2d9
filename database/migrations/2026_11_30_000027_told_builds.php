<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** What was tightened though no procedure says to what: told, and never counted as recorded. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('told_joints', function (Blueprint $t): void {
            $this->uid($t, 'subject');
            $this->uid($t, 'joint');
            $t->string('told', 80);
            $t->string('worked_by', 80);
            $t->date('worked_on');
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->primary(['subject', 'joint']);
        });
    }
};
