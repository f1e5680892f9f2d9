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
            $actor->carryOut($line['event'], $line['outcome']);
        }

        self::assertSame($life->head['plan'], DB::table('runs')->value('plan_hash'), 'the very plan that the life was lived by');
        self::assertSame($this->golden("$name.rows"), $this->rows($actor));
    }

    private function golden(string $file): string
    {
        return (string) file_get_contents(self::GOLDEN.'/'.$file);
    }

    private function rows(LifeActor $actor): string
    {
        $lines = [];
        foreach ((new RecordProjector)->tables() as $table) {
            foreach (DB::table($table)->get() as $row) {
                $lines[] = json_encode(['table' => $table] + $actor->named((array) $row), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
            }
        }
        sort($lines);

        return implode('', $lines);
    }
}
