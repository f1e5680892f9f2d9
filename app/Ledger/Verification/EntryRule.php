<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Entry;
use Illuminate\Database\Connection;

/** What entries say of something outside themselves, asked page by page while they are read. */
interface EntryRule
{
    /** @param  list<Entry>  $entries  that could be read; any of their fields may be missing */
    public function page(Connection $snapshot, array $entries, Report $report): void;
}
