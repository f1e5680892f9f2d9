<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Machine;
use Illuminate\Console\Command;

final class StateCommand extends Command
{
    protected $signature = 'tekkal:state';

    protected $description = 'Say how the instance stands with sequencer, queue, disk, backup, verify and clock';

    public function handle(Machine $machine): void
    {
        foreach ($machine->state() as $line) {
            $this->line(sprintf('%s %-22s %s', $line['well'] ? ' ' : '!', $line['name'], $line['sentence']));
        }
    }
}
