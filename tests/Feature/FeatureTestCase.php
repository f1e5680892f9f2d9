<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\Grants;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\Request;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Contract\Contract;

/** Runs as the application's own database user on a real MariaDB; only migrations run as the owner. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase {
        migrateDatabases as migrateAsOwner;
    }

    protected World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-15 09:00:00');
        $this->world = $this->makeWorld();
    }

    protected function makeWorld(): World
    {
        return new World($this);
    }

    /**
     * Every answer of every feature test is held against the contract.
     *
     * @param  \Illuminate\Http\Response  $response
     * @param  Request  $request
     * @return TestResponse<Response>
     */
    protected function createTestResponse($response, $request): TestResponse
    {
        Contract::get()->holdResponse($request, $response);

        return parent::createTestResponse($response, $request);
    }

    /** @return array<string, mixed> */
    protected function migrateFreshUsing(): array
    {
        return ['--database' => 'owner'];
    }

    /** The database of this process. */
    final protected static function database(): string
    {
        return (string) getenv('DB_DATABASE');
    }

    /** The application's user in it, as the database writes users. */
    final protected static function account(): string
    {
        return sprintf('`%s`@`127.0.0.1`', getenv('DB_USERNAME'));
    }

    /** The application's user sees the tables only once they are granted, so this comes before the first transaction. */
    protected function migrateDatabases(): void
    {
        $this->migrateAsOwner();
        app(Grants::class)->apply();
        // The note beside the database is of the one before.
        @unlink(storage_path('last-leaf'));
    }
}
