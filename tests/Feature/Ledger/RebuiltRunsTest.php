<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use Illuminate\Support\Facades\DB;
use Tests\Feature\CommittedTestCase;

final class RebuiltRunsTest extends CommittedTestCase
{
    public function test_rebuilding_from_the_ledger_gives_the_very_same_rows(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->send($bench->reading('snug:c2a:1', '27.4'));
        $bench->send($bench->observation('backed_off', 'snug:c2a:1'));
        $bench->send($bench->reading('snug:c2a:1', '23.5', 'TW-07'));
        $bench->send($bench->reading('snug:c2a:1', '31.0'));
        $bench->send($bench->observation('backed_off', 'snug:c2a:1'), $bench->reading('snug:c2a:1', '32.0'));
        $bench->completeAll();
        $bench->finish()->assertOk();
        $before = $this->projected();
        $this->rebuild();

        self::assertNotSame([], $before['results']);
        self::assertNotSame([], $before['findings']);
        self::assertNotSame([], $before['readings_aside']);
        self::assertEquals($before, $this->projected());
    }

    /** A start that is killed between two statements of a migration runs all of them again. */
    public function test_the_migration_may_be_repeated(): void
    {
        $tables = fn (): array => DB::connection('owner')->table('information_schema.columns')->where('table_schema', self::database())->orderBy('table_name')->orderBy('column_name')->get(['table_name', 'column_name', 'column_type'])->map(fn (object $r): string => implode(' ', (array) $r))->all();
        $before = $tables();
        DB::setDefaultConnection('owner');
        try {
            (require database_path('migrations/2026_11_27_000010_walls.php'))->up();
        } finally {
            DB::setDefaultConnection('mariadb');
        }
        self::assertSame($before, $tables());
    }
}
