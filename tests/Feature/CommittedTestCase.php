<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\LeafNote;
use App\Ledger\Projectors;
use App\Ledger\Rebuild;
use App\Ledger\Sequencer;
use App\Ledger\Verification\Report;
use App\Ledger\Verification\Verifier;
use Illuminate\Database\Connection;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\DB;

/**
 * For what must be seen by a second connection: nothing here is rolled back. The database is made anew before the first
 * test of each class, and left for the next class to make anew.
 */
abstract class CommittedTestCase extends FeatureTestCase
{
    private static ?string $madeFor = null;

    /** Keeps the world's people and engines of the first test of the class. */
    protected static ?World $kept = null;

    public function refreshDatabase(): void
    {
        if (self::$madeFor !== static::class) {
            RefreshDatabaseState::$migrated = false;
            self::$kept = null;
            self::$madeFor = static::class;
            $this->migrateDatabases();
        }
    }

    /** @return array<class-string, int> */
    protected function setUpTraits(): array
    {
        $uses = parent::setUpTraits();
        // The next class that rolls back must begin from nothing.
        RefreshDatabaseState::$migrated = false;

        return $uses;
    }

    protected function makeWorld(): World
    {
        return (self::$kept ??= new World($this))->in($this);
    }

    protected function owner(): Connection
    {
        return DB::connection('owner');
    }

    protected function verify(): Report
    {
        return app(Verifier::class)->run();
    }

    protected function sequence(): void
    {
        app(Sequencer::class)->run();
        LeafNote::raise();
    }

    protected function rebuild(): void
    {
        $rebuild = app(Rebuild::class);
        $failed = function (string $sentence): void {
            self::fail($sentence);
        };
        $rebuild->swap($rebuild->fill($failed)['leaf'], $failed);
    }

    /**
     * Every projected row, by table, in one order.
     *
     * @phpstan-impure
     *
     * @return array<string, list<array<string, mixed>>>
     */
    protected function projected(): array
    {
        $rows = [];
        foreach (app(Projectors::class)->tables() as $table) {
            $rows[$table] = DB::table($table)->get()->map(fn (object $row): array => (array) $row)->sortBy(fn (array $row): string => json_encode($row) ?: '')->values()->all();
        }

        return $rows;
    }
}
