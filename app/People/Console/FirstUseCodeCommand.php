<?php

declare(strict_types=1);

namespace App\People\Console;

use App\People\Actions\OpenShop;
use Illuminate\Console\Command;

final class FirstUseCodeCommand extends Command
{
    protected $signature = 'tekkal:first-use-code';

    protected $description = 'Print a code with which this shop is opened; nothing, where it is open';

    public function handle(OpenShop $open): void
    {
        if (OpenShop::isWanted()) {
            $this->output->writeln($open->newCode());
        }
    }
}
