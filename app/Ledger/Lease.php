<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A row that says who alone does something, and until when. Whoever holds it renews it inside each transaction of the work,
 * so that two who believed they held it cannot both commit, on one node or on several; one that dies leaves it behind and
 * it runs out. Times are the database's.
 */
final class Lease
{
    private const SECONDS = 5;

    private const TRIES = 10;

    private const PAUSE_US = 200_000;

    private readonly string $holder;

    private function __construct(private readonly string $name)
    {
        $this->holder = (string) Str::uuid();
    }

    /** Waits a moment for it; null when somebody else still holds it then. */
    public static function take(string $name): ?self
    {
        $lease = new self($name);
        DB::table('leases')->insertOrIgnore(['name' => $name, 'holder' => '', 'until' => '2000-01-01 00:00:00']);
        for ($try = 1; ! $lease->isTaken(); $try++) {
            if ($try === self::TRIES) {
                return null;
            }
            usleep(self::PAUSE_US);
        }

        return $lease;
    }

    private function isTaken(): bool
    {
        return DB::update('UPDATE leases SET holder = ?, until = NOW(6) + INTERVAL '.self::SECONDS.' SECOND WHERE name = ? AND until < NOW(6)', [$this->holder, $this->name]) === 1;
    }

    /** To be asked first in a transaction of the work; false when it has run out and somebody else has it. */
    public function renew(): bool
    {
        return DB::update('UPDATE leases SET until = NOW(6) + INTERVAL '.self::SECONDS.' SECOND WHERE name = ? AND holder = ?', [$this->name, $this->holder]) === 1;
    }

    public function end(): void
    {
        DB::update("UPDATE leases SET holder = '', until = '2000-01-01 00:00:00' WHERE name = ? AND holder = ?", [$this->name, $this->holder]);
    }
}
