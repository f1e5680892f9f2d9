<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** An area writes only its own tables; reading to the left is allowed. */
final class OwnTablesTest extends TestCase
{
    private const WRITES = 'insert|insertGetId|insertOrIgnore|insertUsing|create|forceCreate|update|updateOrInsert|upsert|delete|truncate|increment|decrement';

    public function test_no_area_writes_a_table_of_another(): void
    {
        $owners = self::owners();
        self::assertSame('Ledger', $owners['ledger_entries']);
        self::assertSame('Record', $owners['results']);
        $found = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::root().'/app', RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            $path = substr($file->getPathname(), strlen(self::root()) + 1);
            array_push($found, ...self::breaches($path, (string) file_get_contents($file->getPathname()), $owners));
        }

        self::assertSame([], $found);
    }

    public function test_a_write_into_another_areas_table_is_caught_by_table_and_by_model(): void
    {
        $code = "<?php\nuse App\\Record\\Models\\Run;\nDB::table('results')\n    ->where('a', 1)->update(['a' => 2]);\nRun::query()->whereKey('x')->delete();\nRun::query()->find('x');\nDB::table('assignments')->insert([]);\n";

        self::assertSame(['app/Builds/X.php writes results of Record', 'app/Builds/X.php writes Run of Record'], self::breaches('app/Builds/X.php', $code, self::owners()));
    }

    /**
     * @param  array<string, string>  $owners
     * @return list<string>
     */
    private static function breaches(string $path, string $code, array $owners): array
    {
        $area = explode('/', $path)[1];
        $found = [];
        preg_match_all("/DB::table\\('(\\w+)'\\)([^;]*);/", $code, $statements, PREG_SET_ORDER);
        foreach ($statements as [, $table, $rest]) {
            if (preg_match('/->('.self::WRITES.')\\(/', $rest) === 1 && ($owners[$table] ?? $area) !== $area) {
                $found[] = "$path writes $table of {$owners[$table]}";
            }
        }
        preg_match_all('/^use App\\\\(\\w+)\\\\Models\\\\(\\w+);/m', $code, $models, PREG_SET_ORDER);
        foreach ($models as [, $owner, $model]) {
            if ($owner !== $area && preg_match("/\\b$model::query\\(\\)[^;,\\n]*->(".self::WRITES.')\\(/', $code) === 1) {
                $found[] = "$path writes $model of $owner";
            }
        }

        return $found;
    }

    /** @return array<string, string> area by table, from the migrations: each area has its own */
    private static function owners(): array
    {
        $owners = [];
        foreach (glob(self::root().'/database/migrations/*.php') ?: [] as $file) {
            preg_match('/_(\\w+?)(?:_tables)?\\.php$/', $file, $area);
            preg_match_all("/Schema::create\\('(\\w+)'/", (string) file_get_contents($file), $tables);
            foreach ($tables[1] as $table) {
                $owners[$table] = ucfirst(substr((string) strrchr('_'.$area[1], '_'), 1));
            }
        }

        return $owners;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
