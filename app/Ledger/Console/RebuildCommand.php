<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Rebuild;
use Illuminate\Console\Command;

final class RebuildCommand extends Command
{
    protected $signature = 'tekkal:rebuild';

    protected $description = 'Fill every projected table again from the ledger';

    public function handle(Rebuild $rebuild): void
    {
        $this->info(sprintf('Projections rebuilt from %d entries.', $rebuild->run()));
    }
}
