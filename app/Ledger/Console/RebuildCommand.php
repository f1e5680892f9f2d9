<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Rebuild;
use Illuminate\Console\Command;

/** Only for bin/tekkal rebuild: fills, and with --swap=N goes on after leaf N and puts the new tables in place. */
final class RebuildCommand extends Command
{
    protected $signature = 'tekkal:rebuild {--swap=}';

    protected $description = 'Fill every projected table again from the ledger';

    public function handle(Rebuild $rebuild): int
    {
        $failed = 0;
        $tell = function (string $sentence) use (&$failed): void {
            $failed++;
            $this->error($sentence);
        };
        $swap = $this->option('swap');
        if ($swap === null) {
            ['entries' => $entries, 'leaf' => $leaf] = $rebuild->fill($tell);
            $this->line("$leaf $entries");
        } else {
            $this->line((string) $rebuild->swap((int) $swap, $tell));
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
    }
}
