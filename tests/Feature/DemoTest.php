<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\Models\Family;
use App\People\Models\Person;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The invented shop is loaded whole or not at all. */
final class DemoTest extends FeatureTestCase
{
    private bool $plugOut = true;

    /** The shop is what is loaded here, so there is none before. */
    protected function setUp(): void
    {
        TestCase::setUp();
    }

    public function test_a_demo_that_broke_off_half_way_leaves_nothing_and_the_next_start_loads_it_whole(): void
    {
        config(['shop.demo' => true, 'shop.generated_results' => 0]);
        DB::listen(function (QueryExecuted $query): void {
            if ($this->plugOut && str_contains($query->sql, 'insert into `ledger_entries`') && DB::table('ledger_entries')->count() > 100) {
                throw new RuntimeException('the plug was pulled');
            }
        });
        try {
            $this->seed(DemoSeeder::class);
            self::fail('The plug was not pulled.');
        } catch (RuntimeException $e) {
            self::assertSame('the plug was pulled', $e->getMessage());
        }
        self::assertSame(0, Person::query()->count());
        self::assertSame(0, DB::table('ledger_entries')->count());

        $this->plugOut = false;
        $this->seed(DemoSeeder::class);
        self::assertSame(4, Family::query()->count());
        $entries = DB::table('ledger_entries')->count();
        self::assertGreaterThan(300, $entries);
        self::assertSame(['tool_not_fit', 'tool_not_taken'], DB::table('findings')->orderBy('kind')->distinct()->pluck('kind')->all(), 'what the demo tells of, and nothing that its own clock made up');

        $this->seed(DemoSeeder::class);
        self::assertSame($entries, DB::table('ledger_entries')->count());
    }
}
