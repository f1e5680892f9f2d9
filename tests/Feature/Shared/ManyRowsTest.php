<?php

declare(strict_types=1);

namespace Tests\Feature\Shared;

use Closure;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Factories\DeviceFactory;
use Tests\Factories\FamilyFactory;
use Tests\Factories\PersonFactory;
use Tests\Factories\SourceFactory;
use Tests\Factories\SubjectFactory;
use Tests\Factories\ToolFactory;
use Tests\Feature\FeatureTestCase;

/** What a list costs does not grow with what stands in it. */
final class ManyRowsTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, Closure(int): mixed}> who, path, what fills the list */
    public static function lists(): iterable
    {
        yield 'people' => ['lead', 'people', fn (int $n) => PersonFactory::new()->count($n)->create()];
        yield 'devices' => ['lead', 'people', fn (int $n) => DeviceFactory::new()->count($n)->create()];
        yield 'tools' => ['crib', 'tools', fn (int $n) => ToolFactory::new()->calibrated()->count($n)->create()];
        yield 'builds' => ['lead', 'builds', fn (int $n) => SubjectFactory::new()->count($n)->create()];
        yield 'audit' => ['lead', 'audit', fn (int $n) => SubjectFactory::new()->withFindings(2)->count($n)->create()];
        yield 'families' => ['lead', 'library/families', fn (int $n) => FamilyFactory::new()->withJoints(3)->count($n)->create()];
        yield 'sources' => ['lead', 'library/sources', fn (int $n) => SourceFactory::new()->count($n)->create()];
    }

    /** @param  Closure(int): mixed  $fill */
    #[DataProvider('lists')]
    public function test_a_list_of_many_takes_as_many_queries_as_a_list_of_few(string $who, string $path, Closure $fill): void
    {
        $fill(2);
        $this->queries($who, $path); // what is made once is made
        $few = $this->queries($who, $path);
        $fill(20);

        self::assertSame($few, $this->queries($who, $path));
    }

    /** @return list<string> */
    private function queries(string $who, string $path): array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->world->desk($who, 'GET', $path)->assertOk();
        DB::disableQueryLog();

        // How many ids are asked for together is no query more.
        return array_map(fn (string $sql): string => (string) preg_replace('/\(\?(, \?)*\)/', '(?)', $sql), array_column(DB::getQueryLog(), 'query'));
    }
}
