<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Sequencer;
use Illuminate\Console\Command;

final class SequenceCommand extends Command
{
    protected $signature = 'tekkal:sequence';

    protected $description = 'Write the leaves of committed entries, until stopped';

    private const PAUSE_US = 500_000;

    public function handle(Sequencer $sequencer): never
    {
        $this->note($sequencer);
        while (true) {
            if ($sequencer->run() === 0) {
                usleep(self::PAUSE_US);
            } else {
                $this->note($sequencer);
            }
        }
    }

    /** A note of the last leaf beside the database: a restore compares how far the record had come. */
    private function note(Sequencer $sequencer): void
    {
        $last = $sequencer->lastLeaf();
        if ($last !== null) {
            file_put_contents(storage_path('last-leaf.new'), $last);
            rename(storage_path('last-leaf.new'), storage_path('last-leaf'));
        }
    }
}
