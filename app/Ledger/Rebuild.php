<?php

declare(strict_types=1);

namespace App\Ledger;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/**
 * Fills every projected table again from the ledger, aside, and puts the new ones in the place of the old ones at once.
 * While it fills, the shop goes on; between filling and swapping nothing may be recorded (bin/tekkal rebuild holds
 * requests back for that moment). Needs the owner's connection.
 */
final readonly class Rebuild
{
    private const CONNECTION = 'rebuild';

    private const VERSIONS = 'projector_versions';

    public function __construct(
        private Projectors $projectors,
        private Sequencer $sequencer,
        private Replay $replay,
    ) {
    }

    /**
     * @param  Closure(string): void  $failed
     * @param  Closure(int): void|null  $progress  told how many entries have been read
     * @return array{entries: int, leaf: int} how far the tables aside were filled
     */
    public function fill(Closure $failed, ?Closure $progress = null): array
    {
        $owner = DB::connection('owner');
        $aside = self::aside($owner);
        $owner->unprepared("CREATE OR REPLACE DATABASE `$aside`");
        foreach ($this->projectors->tables() as $table) {
            $owner->unprepared("CREATE TABLE `$aside`.`$table` LIKE `{$owner->getDatabaseName()}`.`$table`");
        }
        // Names, plans and the entries themselves are read where they lie.
        foreach ([ErasableTexts::TABLE, 'ledger_entries', 'plans'] as $table) {
            $owner->unprepared(sprintf('CREATE VIEW `%s`.`%s` AS SELECT * FROM `%s`.`%s`', $aside, $table, $owner->getDatabaseName(), $table));
        }
        $this->sequencer->run();

        return $this->into($owner, $failed, 0, $progress);
    }

    /**
     * @param  Closure(string): void  $failed
     * @return int how many entries came after the filling
     */
    public function swap(int $leaf, Closure $failed): int
    {
        $owner = DB::connection('owner');
        [$name, $aside] = [$owner->getDatabaseName(), self::aside($owner)];
        $this->sequencer->run();
        $late = $this->into($owner, $failed, $leaf)['entries'];
        $owner->unprepared('RENAME TABLE '.implode(', ', array_map(
            fn (string $t): string => "`$name`.`$t` TO `$aside`.`old_$t`, `$aside`.`$t` TO `$name`.`$t`",
            $this->projectors->tables(),
        )));
        $owner->unprepared("DROP DATABASE `$aside`");
        $this->noteVersions();

        return $late;
    }

    /** @return list<string> the projectors by whose present version the tables were not filled; none where nothing is recorded yet */
    public function differing(): array
    {
        if (! DB::connection('owner')->table('ledger_entries')->exists()) {
            $this->noteVersions();
        }
        $noted = DB::connection('owner')->table(self::VERSIONS)->pluck('version', 'projector')->all();

        return array_keys(array_diff_assoc($this->projectors->versions(), $noted));
    }

    private function noteVersions(): void
    {
        $versions = $this->projectors->versions();
        DB::connection('owner')->table(self::VERSIONS)->upsert(array_map(fn (string $p, string $v): array => ['projector' => $p, 'version' => $v], array_keys($versions), $versions), 'projector');
    }

    /**
     * @param  Closure(string): void  $failed
     * @param  Closure(int): void|null  $progress
     * @return array{entries: int, leaf: int}
     */
    private function into(Connection $owner, Closure $failed, int $after, ?Closure $progress = null): array
    {
        DB::connectUsing(self::CONNECTION, ['database' => self::aside($owner)] + (array) config('database.connections.owner'), force: true);

        return $this->replay->run($owner, self::CONNECTION, $failed, $after, $progress);
    }

    private static function aside(Connection $owner): string
    {
        return $owner->getDatabaseName().'_rebuild';
    }
}
