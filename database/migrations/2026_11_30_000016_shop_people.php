<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A shop of its own: how it is set, who came and left, what each may do, when they are not here, the ways in; and where runs stand, for Today. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->once('shop_settings', function (Blueprint $t): void {
            $t->string('key', 30)->charset('ascii')->primary();
            $t->text('value');
            $this->uid($t, 'person')->nullable();
            $t->dateTime('at', 6);
        });
        // Where a run stands, so that what was left is found without folding it.
        Schema::hasColumn('run_progress', 'phase') || Schema::table('run_progress', fn (Blueprint $t) => $t->string('phase', 12)->charset('ascii')->default('open')->index());
        $this->people();
        $this->skills();
        $this->waysIn();
    }

    private function people(): void
    {
        foreach (['name_entry', 'sign_in_name_entry', 'badge_entry'] as $column) {
            Schema::hasColumn('people', $column) || Schema::table('people', fn (Blueprint $t) => $this->uid($t, $column)->nullable());
        }
        Schema::hasColumn('customers', 'name_entry') || Schema::table('customers', fn (Blueprint $t) => $this->uid($t, 'name_entry')->nullable());
        Schema::hasColumn('people', 'shift') || Schema::table('people', fn (Blueprint $t) => $t->string('shift', 40)->nullable());
        Schema::hasColumn('people', 'left_at') || Schema::table('people', fn (Blueprint $t) => $t->dateTime('left_at', 6)->nullable());
        $this->once('absences', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'person')->index();
            $t->date('first_day');
            $t->date('last_day');
            $t->dateTime('cancelled_at', 6)->nullable();
        });
    }

    private function skills(): void
    {
        $this->once('skills', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $this->uid($t, 'person')->index();
            $t->string('family', 10);
            $t->string('method', 20)->charset('ascii');
            $t->string('earned', 20)->charset('ascii');
            $t->unsignedSmallInteger('wanted')->default(0);
            $t->text('builds');
            $t->string('note', 200)->default('');
            $this->uid($t, 'signed_by');
            $t->dateTime('signed_at', 6);
            $t->date('valid_until')->nullable();
            $t->dateTime('ended_at', 6)->nullable();
        });
    }

    /** Secrets and what leads to them: never in the ledger. */
    private function waysIn(): void
    {
        Schema::hasColumn('credentials', 'pin_given') || Schema::table('credentials', fn (Blueprint $t) => $t->boolean('pin_given')->default(false));
        $this->once('first_use_codes', function (Blueprint $t): void {
            $t->char('code_hash', 64)->charset('ascii')->primary();
            $t->dateTime('made_at', 6);
            $t->dateTime('used_at', 6)->nullable();
        });
        $this->once('secret_links', function (Blueprint $t): void {
            $t->char('token_hash', 64)->charset('ascii')->primary();
            $this->uid($t, 'person')->index();
            $t->dateTime('until', 6);
            $t->dateTime('used_at', 6)->nullable();
        });
    }
};
