<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use Illuminate\Database\Connection;

/**
 * One question that verify asks of the record. Each area asks of its own tables what only it knows; all of them read the
 * same snapshot. A check names every finding it can and goes on.
 */
interface Check
{
    public function run(Connection $snapshot, Report $report): void;
}
