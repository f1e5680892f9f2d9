<?php

use App\Shared\Database\AreaMigration;
use Illuminate\Database\Schema\Blueprint;

/** Look-back cases: what a tool that was found wrong has touched, judged again, and what becomes of it. */
return new class extends AreaMigration
{
    public function up(): void
    {
        $this->cases();
        $this->results();
        $this->decisions();
    }

    private function cases(): void
    {
        $this->once('look_back_cases', function (Blueprint $t): void {
            $this->uid($t, 'id')->primary();
            $t->unsignedInteger('number')->unique();
            $t->string('cause', 20)->charset('ascii');
            $this->uid($t, 'tool')->index();
            $this->uid($t, 'standard')->nullable();
            $this->uid($t, 'calibration')->nullable();
            $t->string('standard_off', 20)->charset('ascii')->nullable();
            $t->dateTime('since', 6)->nullable();
            $t->dateTime('until', 6);
            $t->string('since_why', 200);
            $t->string('state', 10)->charset('ascii');
            $t->unsignedInteger('judged')->default(0);
            $t->dateTime('cursor_at', 6)->nullable();
            $t->string('cursor', 170)->charset('ascii')->nullable();
            $t->dateTime('judged_until', 6)->nullable();
            $t->dateTime('opened_at', 6);
            $t->dateTime('closed_at', 6)->nullable();
            $this->uid($t, 'closed_by')->nullable();
            // The calibration that has said what a check had put in doubt.
            $this->uid($t, 'answered_by')->nullable();
        });
    }

    private function results(): void
    {
        $this->once('look_back_results', function (Blueprint $t): void {
            $this->uid($t, 'case');
            // Of the type that it has in `results`: held against another, no key of this table is used, and a case takes the square of its results.
            $t->uuid('result');
            $t->string('step', 120)->charset('ascii');
            foreach (['subject', 'joint', 'run'] as $of) {
                $this->uid($t, $of);
            }
            $t->string('stage', 60)->charset('ascii');
            $t->string('position', 60)->charset('ascii');
            $t->char('risk_class', 1)->charset('ascii');
            $t->string('shown', 40)->charset('ascii')->nullable();
            $t->string('low', 40)->charset('ascii')->nullable();
            $t->string('high', 40)->charset('ascii')->nullable();
            $t->string('verdict', 10)->charset('ascii');
            $t->string('evidence', 24)->charset('ascii');
            // In the base unit of what was measured; the loss in millionths of the window.
            $t->decimal('true_value', 18, 9)->nullable();
            $t->decimal('doubt', 18, 9)->nullable();
            $t->integer('loss')->nullable();
            $t->dateTime('taken_at', 6);
            $t->dateTime('judged_at', 6);
            $t->primary(['case', 'result', 'step']);
            $t->index(['case', 'subject']);
            $t->index('subject');
        });
    }

    private function decisions(): void
    {
        $this->once('look_back_decisions', function (Blueprint $t): void {
            $this->uid($t, 'entry_id')->primary();
            $this->uid($t, 'case');
            $this->uid($t, 'subject');
            $t->string('decision', 16)->charset('ascii');
            // Each as joint/position; none: the whole engine.
            $t->text('fasteners');
            $this->uid($t, 'person');
            $t->dateTime('at', 6);
            $t->index(['case', 'subject']);
        });
    }
};
