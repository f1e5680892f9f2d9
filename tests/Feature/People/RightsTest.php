<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Http\RightsTable;
use App\People\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class RightsTest extends FeatureTestCase
{
    private const NOBODY = '019ec000-0000-7000-8000-000000000000';

    /** @return iterable<string, array{string, Role}> */
    public static function roles(): iterable
    {
        foreach (['lead' => Role::Lead, 'approver' => Role::Approver, 'crib' => Role::CribKeeper, 'reader' => Role::Reader, '1041' => Role::Assembler] as $who => $role) {
            yield $role->words() => [(string) $who, $role];
        }
    }

    /** Each route is tried as each role, at the place that it is for; what the table refuses, the server refuses. */
    #[DataProvider('roles')]
    public function test_every_cell_of_the_rights_table_is_what_the_server_does(string $who, Role $role): void
    {
        $bench = $this->world->bench();
        foreach (RightsTable::rows() as $row) {
            if ($row['ability'] === null) {
                continue;
            }
            $path = (string) preg_replace('/\{\w+\}/', self::NOBODY, $row['path']);
            $status = $row['place'] === 'desk'
                ? $this->world->desk($who, $row['method'], $path)->status()
                : $this->world->atBench($bench->device, $this->world->person($who), $bench->sitting, $row['method'], $path)->status();
            in_array($row['ability'], $role->abilities(), true)
                ? self::assertNotContains($status, [401, 403], "{$row['method']} $path")
                : self::assertSame(403, $status, "{$row['method']} $path");
        }
    }

    public function test_no_desk_session_reaches_what_belongs_to_a_bench_and_none_of_a_bench_what_belongs_to_a_desk(): void
    {
        $bench = $this->world->bench();
        foreach (RightsTable::rows() as $row) {
            $path = (string) preg_replace('/\{\w+\}/', self::NOBODY, $row['path']);
            if ($row['place'] === 'bench') {
                self::assertSame(403, $this->world->desk('lead', $row['method'], $path)->status(), $path);
            } elseif ($row['place'] === 'desk') {
                self::assertSame(403, $this->world->atBench($bench->device, $this->world->person('lead'), $bench->sitting, $row['method'], $path)->status(), $path);
            }
        }
    }

    public function test_the_table_in_the_papers_is_the_one_of_the_routes(): void
    {
        self::assertStringEqualsFile(base_path('docs/rights.md'), RightsTable::markdown(), 'Run bin/tekkal contract and commit it.');
    }

    public function test_a_reader_can_change_nothing(): void
    {
        $changing = array_filter(RightsTable::rows(), fn (array $row): bool => $row['method'] !== 'GET' && $row['ability'] !== null);

        self::assertGreaterThan(12, count($changing));
        foreach ($changing as $row) {
            self::assertNotContains($row['ability'], Role::Reader->abilities(), $row['path']);
        }
    }

    /** Every route that reads is asked for another customer's engine, by every id it could be asked with. */
    public function test_a_customers_reader_learns_nothing_of_another_customers_engine_by_any_route_that_reads(): void
    {
        $own = $this->world->build('TN3-26-0001', 'Skerry Dredging');
        $bench = $this->world->bench()->ready($this->world->job($other = $this->world->build('TN3-26-0002', 'Lantern Bay Ferries')));
        $bench->send($bench->reading('snug:c2a:1', '27.4'));
        $tried = 0;
        foreach (RightsTable::rows() as $row) {
            if ($row['method'] !== 'GET' || $row['path'] === 'session') {
                continue;
            }
            $queries = ['live' => "?run=$bench->run&since=0", 'find' => '?q=TN3-26', 'audit' => '?serial=TN3-26'];
            foreach ([$other, $bench->run] as $id) {
                $path = preg_replace('/\{\w+\}/', $id, $row['path']).($queries[$row['path']] ?? '');
                $response = $this->world->desk('reader', 'GET', $path);
                if (str_contains($row['path'], '{') || $row['path'] === 'live') {
                    self::assertContains($response->status(), [403, 404], $path);
                }
                foreach (['TN3-26-0002', 'Lantern Bay', $other, $bench->run, '27.4'] as $secret) {
                    self::assertStringNotContainsString($secret, (string) $response->getContent(), "$path tells $secret");
                }
            }
            $tried++;
        }

        self::assertGreaterThan(10, $tried);
        $this->world->desk('reader', 'GET', 'builds')->assertJsonCount(1, 'builds')->assertJsonPath('builds.0.id', $own);
        $this->world->desk('reader', 'GET', "audit/$own")->assertOk();
        $this->world->desk('reader', 'GET', 'find?q=TN3-26')->assertJsonCount(1, 'found');
    }

    public function test_a_role_written_into_a_request_changes_nothing(): void
    {
        $this->world->desk('reader', 'POST', 'builds', ['serial' => 'TN3-26-0009', 'customer' => 'x', 'role' => 'lead', 'roles' => ['lead']])->assertForbidden();
    }

    public function test_a_poll_tells_of_new_entries_to_those_who_may_see_the_build(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build('TN3-26-0002', 'Lantern Bay Ferries')));

        $this->world->desk('lead', 'GET', "live?run=$bench->run&since=0")->assertOk()->assertJsonPath('last_seq', 3);
        $this->world->desk('lead', 'GET', "live?run=$bench->run&since=3")->assertNoContent();
        $this->world->desk('reader', 'GET', "live?run=$bench->run&since=0")->assertNotFound();
        $this->world->desk('lead', 'GET', 'live?run=none&since=0')->assertStatus(422);
    }
}
