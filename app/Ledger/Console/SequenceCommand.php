<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\LeafNote;
use App\Ledger\Sequencer;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Log;

final class SequenceCommand extends Command
{
    protected $signature = 'tekkal:sequence';

    protected $description = 'Write the leaves of committed entries, until stopped';

    private const PAUSE_US = 500_000;

    private bool $told = false;

    public function handle(Sequencer $sequencer): never
    {
        $this->note();
        while (true) {
            if ($sequencer->run() === 0) {
                usleep(self::PAUSE_US);
            } else {
                $this->note();
            }
        }
    }

    private function note(): void
    {
        if (! LeafNote::raise() && ! $this->told) {
            $this->told = true;
            Log::warning('The note of the last leaf knows more than the database holds, and stays as it is. Run bin/tekkal verify.');
        }
    }
}
