<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The crib as it is worked: where each tool is and who has it, how it was calibrated, by what it is judged. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->tools();
        $this->calibrations();
        $this->moves();
        $this->kept();
    }

    private function tools(): void
    {
        if (Schema::hasColumn('tools', 'form')) {
            return;
        }
        Schema::table('tools', function (Blueprint $t): void {
            $t->string('form', 24)->charset('ascii')->default('wrench');
            $t->string('directions', 30)->charset('ascii')->default('clockwise');
            foreach (['permissible', 'threshold', 'length', 'angle'] as $value) {
                $t->string($value, 40)->charset('ascii')->nullable();
            }
            $t->string('place', 40)->default('');
            $t->string('owner', 60)->default('');
            $t->unsignedSmallInteger('months')->nullable();
            $t->unsignedInteger('cycles')->nullable();
            $t->string('state', 12)->charset('ascii')->default('here');
            $this->uid($t, 'held_by')->nullable();
            $this->uid($t, 'held_for')->nullable();
            $t->string('away_to', 120)->nullable();
            $t->string('reason', 24)->charset('ascii')->nullable();
            $t->dateTime('since', 6)->nullable();
            // Pulls elsewhere since its last calibration, by the shop's own estimate.
            $t->unsignedInteger('elsewhere')->default(0);
        });
    }

    private function calibrations(): void
    {
        if (Schema::hasColumn('calibrations', 'found')) {
            return;
        }
        Schema::table('calibrations', function (Blueprint $t): void {
            $t->string('found', 10)->charset('ascii')->default('good');
            $this->uid($t, 'standard')->nullable()->index();
            $this->uid($t, 'person')->nullable();
            $t->dateTime('recorded_at', 6)->nullable();
            // What was read and by what it was judged, as the entry has it; null where only the outcome is known.
            $t->mediumText('sheet')->nullable();
            // The directions of the sheet, for every reading asks for them.
            $t->string('read_in', 24)->charset('ascii')->nullable();
            $t->char('paper', 64)->charset('ascii')->nullable();
            $t->string('paper_type', 40)->charset('ascii')->nullable();
        });
    }

    private function moves(): void
    {
        $this->once('tool_moves', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'tool');
            $t->string('kind', 24)->charset('ascii');
            $t->dateTime('at', 6);
            $this->uid($t, 'by');
            $this->uid($t, 'who')->nullable();
            $this->uid($t, 'build')->nullable();
            $t->string('told', 200)->nullable();
            $t->index(['tool', 'at']);
        });
    }

    private function kept(): void
    {
        $this->once('reference_standards', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('code', 20)->charset('ascii')->unique();
            $t->string('name', 120);
            $t->string('measures', 10)->charset('ascii');
            $t->string('uncertainty', 40)->charset('ascii');
            $t->string('certificate', 60);
            $t->string('laboratory', 120);
            $t->date('valid_from');
            $t->date('valid_until');
            $t->date('doubted_since')->nullable();
            $this->uid($t, 'entry_id');
        });
        $this->once('tool_rules', function (Blueprint $t): void {
            $t->string('form', 24)->charset('ascii')->primary();
            $t->text('rules');
            $this->uid($t, 'entry_id');
            $this->uid($t, 'person');
            $t->dateTime('set_at', 6);
        });
        $this->once('lots', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->string('number', 40);
            $t->string('kind', 20)->charset('ascii');
            $t->string('name', 120);
            $t->string('certificate', 60);
            $t->string('quantity', 20)->charset('ascii');
            $t->string('unit', 12);
            $t->date('received_on');
            $t->date('expires_on')->nullable();
            $t->string('place', 40);
            $t->string('state', 10)->charset('ascii');
            $t->unique(['kind', 'number']);
        });
    }
};
