<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Grants;
use Illuminate\Console\Command;

final class GrantCommand extends Command
{
    protected $signature = 'tekkal:grant';

    protected $description = 'Give the application user its rights, table by table';

    public function handle(Grants $grants): void
    {
        $this->info(sprintf('Rights granted on %d tables.', $grants->apply()));
    }
}
