<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends AreaMigration
{
    public function up(): void
    {
        $this->people();
        $this->sittings();
    }

    private function people(): void
    {
        Schema::create('customers', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('name', 120);
        });
        Schema::create('people', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('name', 120)->nullable();
            $t->string('sign_in_name', 60)->nullable()->unique();
            $t->string('badge', 20)->charset('ascii')->nullable()->unique();
            $this->uid($t, 'customer')->nullable();
        });
        Schema::create('person_roles', function (Blueprint $t): void {
            $this->uid($t, 'person');
            $t->string('role', 20)->charset('ascii');
            $t->primary(['person', 'role']);
        });
        Schema::create('credentials', function (Blueprint $t): void {
            $this->uid($t, 'person')->primary();
            $t->string('password_hash')->nullable();
            $t->string('pin_hash')->nullable();
        });
        Schema::create('devices', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('name', 60);
            $this->uid($t, 'enrolled_by');
            $t->dateTime('enrolled_at', 6);
            $t->dateTime('revoked_at', 6)->nullable();
        });
        Schema::create('device_tokens', function (Blueprint $t): void {
            $t->char('token_hash', 64)->charset('ascii')->primary();
            $this->uid($t, 'device');
        });
    }

    private function sittings(): void
    {
        Schema::create('sittings', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'person');
            $this->uid($t, 'device');
            $t->dateTime('begun_at', 6);
            $t->dateTime('ended_at', 6)->nullable();
            $t->unsignedBigInteger('closed_device_seq')->nullable();
        });
        Schema::create('pin_counters', function (Blueprint $t): void {
            $this->uid($t, 'person');
            $this->uid($t, 'device');
            $t->unsignedInteger('failures')->default(0);
            $t->dateTime('next_try_at', 6);
            $t->primary(['person', 'device']);
        });
    }
};
