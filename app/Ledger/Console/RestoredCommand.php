<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\KnownLeaf;
use App\Ledger\Restored;
use App\Shared\Console\Arguments;
use Illuminate\Console\Command;

/** Only for bin/tekkal restore, which says in TEKKAL_KNOWN what was known outside the backup. */
final class RestoredCommand extends Command
{
    use Arguments;

    protected $signature = 'tekkal:restored {backup} {sums}';

    protected $description = 'Record that the record was restored';

    public function handle(Restored $restored): int
    {
        $lines = array_values(array_filter(explode("\n", (string) getenv('TEKKAL_KNOWN'))));
        $told = $restored->record($this->text('backup'), $this->text('sums'), array_map(KnownLeaf::fromLine(...), $lines));
        foreach ($told as $sentence) {
            $this->line($sentence);
        }

        return $told === [] ? self::SUCCESS : self::FAILURE;
    }
}
