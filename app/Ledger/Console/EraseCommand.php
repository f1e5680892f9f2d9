<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\EraseText;
use App\Shared\Console\Arguments;
use App\Shared\Refused;
use Illuminate\Console\Command;

/** For bin/tekkal erase. Whoever has the machine's shell is known to the machine and not to Tekkal. */
final class EraseCommand extends Command
{
    use Arguments;

    protected $signature = 'tekkal:erase {entry}';

    protected $description = 'Erase the words that belong to an entry, and say so in the record';

    public function handle(EraseText $erase): int
    {
        try {
            $fields = $erase($this->text('entry'), null);
        } catch (Refused $e) {
            $this->line($e->getMessage());

            return self::FAILURE;
        }
        $this->line($fields === [] ? 'This entry has no words of its own, or they were erased before.' : sprintf('Erased and recorded: %s.', implode(', ', $fields)));

        return self::SUCCESS;
    }
}
