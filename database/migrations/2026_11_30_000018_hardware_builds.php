<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** Which hardware an engine gets at each joint, and what was tightened before the shop had this record. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('fitted_hardware', function (Blueprint $t): void {
            $this->uid($t, 'subject');
            $this->uid($t, 'joint');
            $this->uid($t, 'procedure');
            $t->string('option', 120);
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->primary(['subject', 'joint']);
        });
        $this->once('paper_joints', function (Blueprint $t): void {
            $this->uid($t, 'subject');
            $this->uid($t, 'joint');
            $t->char('hash', 64)->charset('ascii');
            $t->string('type', 40)->charset('ascii');
            $t->unsignedInteger('bytes');
            $t->string('worked_by', 80);
            $t->date('worked_on');
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->primary(['subject', 'joint']);
        });
    }
};
