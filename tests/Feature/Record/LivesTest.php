<?php

declare(strict_types=1);

namespace Tests\Feature\Record;

use App\Record\RecordProjector;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tekkal\Core\Tests\Lives\Life;
use Tests\Feature\FeatureTestCase;

/**
 * The lives that the shop's own bench could record, carried out over HTTP: the rows they leave are those they left when
 * they were written down. Ids are told by the order in which they appear, times from the beginning of the run.
 */
final class LivesTest extends FeatureTestCase
{
    private const GOLDEN = __DIR__.'/golden';

    private const STARTED = '2026-06-15 09:00:00';

    /** Where something was pulled while it could not count, the run is not to be finished before it was backed off: rules of version 3. */
    private const BACKED_OFF_FIRST = ['shop-over', 'shop-set-aside', 'shop-taken-over', 'shop-withdrawal-refused'];

    /** @return iterable<string, array{string}> */
    public static function lives(): iterable
    {
        foreach (Life::all() as $name => $case) {
            if (preg_match('/^(shop|demo)-/', $name) === 1) {
                yield $name => $case;
            }
        }
    }

    #[DataProvider('lives')]
    public function test_a_life_leaves_the_rows_that_it_left(string $name): void
    {
        $life = Life::read($name);
        $actor = new LifeActor($this, $this->world, self::STARTED);
        foreach ($life->lines as $line) {
            $refused = $line['event']['event'] === 'run_finished' && in_array($name, self::BACKED_OFF_FIRST, true);
            $actor->carryOut($line['event'], $refused ? ['standing' => 'set_aside'] : $line['outcome']);
        }

        $newer = is_file(self::GOLDEN."/3/$name.rows") ? "3/$name" : $name;
        self::assertSame($this->golden("$newer.rows"), $this->rows($actor));
    }

    private function golden(string $file): string
    {
        return self::lines(array_map(fn (string $line): array => (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR), file(self::GOLDEN.'/'.$file, FILE_IGNORE_NEW_LINES) ?: []));
    }

    private function rows(LifeActor $actor): string
    {
        $rows = [];
        foreach ((new RecordProjector)->tables() as $table) {
            foreach (DB::table($table)->get() as $row) {
                $first = self::inFirstColumns($table, (array) $row);
                if ($first !== null) {
                    $rows[] = ['table' => $table] + $actor->named($first);
                }
            }
        }

        return self::lines($rows);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function lines(array $rows): string
    {
        $lines = array_map(function (array $row): string {
            unset($row['plan_hash']); // another expansion of the same document says more, and the run goes the same
            ksort($row);

            return json_encode($row, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
        }, $rows);
        sort($lines);

        return implode('', $lines);
    }

    /**
     * The row in the columns that the first tables had: what was added since is left out, a value stands apart from its unit,
     * and of what was set aside only readings had a row.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>|null
     */
    private static function inFirstColumns(string $table, array $row): ?array
    {
        if ($table === 'readings_aside' && $row['type'] !== 'reading_taken') {
            return null;
        }
        if (array_key_exists('value', $row)) {
            [$row['value'], $row['unit']] = is_string($row['value']) ? explode(' ', $row['value']) : [null, null];
        }
        $facts = ['variant', 'order_number', 'core', 'received_on', 'due_on', 'machining', 'waits_for', 'note', 'subassembly'];
        $added = [...$facts, 'option', 'risk_class', 'n', 'type', 'stage', 'stage_kind', 'position', 'setting', 'target', 'low', 'high', 'window_of'];

        return array_diff_key($row, array_flip([...$added, ...match ($table) {
            'results' => ['joint', 'received_at'],
            'runs' => ['opened_at', 'opened_why', 'went_with'],
            default => [],
        }]));
    }
}
