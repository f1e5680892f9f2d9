<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * The next number of a stream or a device, held until commit. Its row is written, not only locked: where several nodes take
 * writes, a row that is only locked on one keeps nobody on another from committing.
 */
final readonly class Head
{
    public function __construct(private string $table, private string $of, private string $next)
    {
    }

    /** @return int the next number; 1 where there was none */
    public function hold(string $key): int
    {
        $row = DB::selectOne("INSERT INTO {$this->table} ({$this->of}, {$this->next}, held) VALUES (?, 1, 1) ON DUPLICATE KEY UPDATE held = held + 1 RETURNING {$this->next} AS next", [$key]);

        return (int) $row->next;
    }
}
