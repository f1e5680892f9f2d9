<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        $this->entries();
        $this->keeping();
        $this->tree();
    }

    private function entries(): void
    {
        Schema::create('ledger_entries', function (Blueprint $t): void {
            $t->id();
            $this->uid($t, 'entry_id')->unique();
            $t->string('format', 40)->charset('ascii');
            $t->string('type', 40)->charset('ascii')->index();
            $t->string('stream', 80)->charset('ascii');
            $t->unsignedInteger('seq');
            $this->uid($t, 'subject')->nullable()->index();
            $t->string('step', 120)->charset('ascii')->nullable();
            $this->uid($t, 'person')->nullable();
            $this->uid($t, 'sitting')->nullable();
            $this->uid($t, 'device')->nullable();
            $t->unsignedBigInteger('device_seq')->nullable();
            $t->string('standing', 16)->charset('ascii')->nullable();
            $t->dateTime('received_at', 6);
            $t->binary('body', 0);
            $t->char('leaf_hash', 64)->charset('ascii');
            $t->unique(['stream', 'seq']);
            $t->unique(['device', 'device_seq']);
        });
        Schema::create('ledger_streams', function (Blueprint $t): void {
            $t->string('stream', 80)->charset('ascii')->primary();
            $t->unsignedInteger('next_seq');
            $t->unsignedBigInteger('held')->default(0);
        });
        Schema::create('ledger_device_heads', function (Blueprint $t): void {
            $this->uid($t, 'device')->primary();
            $t->unsignedBigInteger('next_device_seq');
            $t->unsignedBigInteger('held')->default(0);
        });
    }

    /** What the house remembers about itself. */
    private function keeping(): void
    {
        Schema::create('leases', function (Blueprint $t): void {
            $t->string('name', 60)->charset('ascii')->primary();
            $t->string('holder', 36)->charset('ascii');
            $t->dateTime('until', 6);
        });
        // Which version of each projector the tables were filled by.
        Schema::create('projector_versions', function (Blueprint $t): void {
            $t->string('projector', 80)->charset('ascii')->primary();
            $t->string('version', 40)->charset('ascii');
        });
    }

    private function tree(): void
    {
        // Leaf numbers live apart: auto-increment ids commit out of order and have gaps.
        Schema::create('ledger_leaves', function (Blueprint $t): void {
            $t->unsignedBigInteger('leaf_no')->primary();
            $t->unsignedBigInteger('entry')->unique();
            $t->char('leaf_hash', 64)->charset('ascii');
        });
        Schema::create('ledger_pending', function (Blueprint $t): void {
            $t->unsignedBigInteger('entry')->primary();
        });
        $this->refuseChange('ledger_entries', 'ledger_leaves');
    }
};
