<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use Illuminate\Support\Facades\DB;
use Tests\Feature\BusyDay;
use Tests\Feature\CommittedTestCase;

/** What the library's tables say is what its entries say, whoever reads them. */
final class RebuildTest extends CommittedTestCase
{
    use BusyDay;

    private static bool $busy = false;

    protected function setUp(): void
    {
        parent::setUp();
        if (! self::$busy) {
            self::$busy = true;
            $this->aBusyDay();
            $this->sequence();
        }
        $this->travelTo('2026-06-15 09:30:00');
    }

    private const TABLES = ['people', 'person_roles', 'customers', 'families', 'joints', 'procedures', 'sources', 'revision_states', 'revision_authors', 'standards', 'permits', 'notices', 'notice_receipts', 'assignments', 'deputies', 'job_cards', 'stops', 'stop_seen', 'handovers', 'handed_engines', 'runs', 'general_tables', 'risk_rules', 'told_joints', 'asked_values', 'fittings', 'subjects'];

    public function test_everything_that_is_decided_at_a_desk_is_told_by_its_entries_again(): void
    {
        $before = $this->rows();
        $this->rebuild();

        foreach (self::TABLES as $table) {
            self::assertNotSame([], $before[$table], "$table has rows to compare");
            self::assertEquals($before[$table], $this->rows()[$table], $table);
        }
    }

    public function test_after_a_rebuild_the_library_reads_the_same_at_the_desk(): void
    {
        $paths = ['library', 'library/sources', 'library/permits', 'library/conflicts', 'library/procedures/'.$this->world->procedure->id, 'library/revisions/'.$this->world->revision->id, 'library/revisions/'.$this->world->revision->id.'/builds', 'notices'];
        $read = fn (): array => array_map(fn (string $path): array => (array) $this->world->desk('lead', 'GET', $path)->assertOk()->json(), array_combine($paths, $paths));
        $before = $read();
        $this->rebuild();

        self::assertEquals($before, $read());
    }

    public function test_a_revision_is_in_each_of_its_states_after_a_rebuild(): void
    {
        $this->rebuild();

        self::assertEqualsCanonicalizing(['superseded', 'returned', 'withdrawn', 'in_review', 'approved'], DB::table('revision_states')->pluck('state')->all());
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function rows(): array
    {
        return array_map(
            fn (string $table): array => DB::table($table)->get()->map(fn (object $row): array => (array) $row)->sortBy(fn (array $row): string => json_encode($row) ?: '')->values()->all(),
            array_combine(self::TABLES, self::TABLES),
        );
    }
}
