<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which joints of a family are carried in a subassembly, and which hold one to the engine. */
return new class extends AreaMigration
{
    public function up(): void
    {
        foreach (['carried_in', 'holds'] as $column) {
            Schema::hasColumn('joints', $column) || Schema::table('joints', fn (Blueprint $t) => $t->string($column, 40)->default(''));
        }
    }
};
