<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Grants;
use App\Ledger\Projectors;
use App\Shared\Database\AppendOnly;
use Illuminate\Database\Connection;

/** What keeps the record from being changed: triggers and rights as they were made, no table that nobody answers for. */
final readonly class GuardCheck implements Check
{
    public function __construct(
        private Projectors $projectors,
        private Grants $grants,
    ) {
    }

    public function run(Connection $snapshot, Report $report): void
    {
        $this->tables($snapshot, $report);
        $this->triggers($snapshot, $report);
        foreach (['events' => 'event_name', 'routines' => 'routine_name'] as $kind => $name) {
            foreach ($snapshot->table("information_schema.$kind")->where(rtrim($kind, 's').'_schema', $snapshot->getDatabaseName())->pluck($name) as $found) {
                $report->add(sprintf('There is the %s %s in the database, which nobody made.', rtrim($kind, 's'), $found));
            }
        }
        foreach ($this->grants->differences($snapshot) as $sentence) {
            $report->add($sentence);
        }
    }

    private function tables(Connection $snapshot, Report $report): void
    {
        $there = $snapshot->table('information_schema.tables')->where('table_schema', $snapshot->getDatabaseName())->pluck('table_name')->map(strval(...))->all();
        $told = [...config('ledger.append_only'), ...$this->projectors->tables()];
        foreach (array_diff($there, $told, config('ledger.beside')) as $table) {
            $report->add("There is the table $table, which nobody answers for.");
        }
        foreach (array_diff($told, $there) as $table) {
            $report->add("The table $table is missing.");
        }
    }

    private function triggers(Connection $snapshot, Report $report): void
    {
        $there = $snapshot->table('information_schema.triggers')->where('trigger_schema', $snapshot->getDatabaseName())->get()
            ->mapWithKeys(fn (object $t): array => [$t->TRIGGER_NAME => [$t->EVENT_OBJECT_TABLE, $t->ACTION_TIMING, $t->EVENT_MANIPULATION, $t->ACTION_STATEMENT]])->all();
        $wanted = [];
        foreach (config('ledger.append_only') as $table) {
            foreach (AppendOnly::triggers($table) as $name => ['verb' => $verb, 'statement' => $statement]) {
                $wanted[$name] = [$table, 'BEFORE', $verb, $statement];
            }
        }
        foreach ($wanted as $name => $made) {
            if (! isset($there[$name])) {
                $report->add("The trigger $name, which refuses a change of $made[0], is missing.");
            } elseif ($there[$name] !== $made) {
                $report->add("The trigger $name is not as it was made.");
            }
        }
        foreach (array_keys(array_diff_key($there, $wanted)) as $name) {
            $report->add("There is the trigger $name, which nobody made.");
        }
    }
}
