<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** Of an engine that came back: which of its joints were opened, and which stayed as they were in the build before. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('returned_joints', function (Blueprint $t): void {
            $this->uid($t, 'subject');
            $this->uid($t, 'joint');
            $t->boolean('opened');
            $this->uid($t, 'of')->index();
            $t->string('found', 400)->default('');
            $t->text('movements')->default('[]');
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->primary(['subject', 'joint']);
        });
    }
};
