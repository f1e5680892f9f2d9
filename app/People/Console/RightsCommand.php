<?php

declare(strict_types=1);

namespace App\People\Console;

use App\People\Http\RightsTable;
use Illuminate\Console\Command;

final class RightsCommand extends Command
{
    protected $signature = 'tekkal:rights';

    protected $description = 'Print who may do what, from the routes';

    public function handle(): void
    {
        $this->output->write(RightsTable::markdown());
    }
}
