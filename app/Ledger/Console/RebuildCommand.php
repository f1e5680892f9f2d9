<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Rebuild;
use Closure;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Only for bin/tekkal: with --differing names the projectors whose tables another version filled; else fills, and with --swap=N goes on after leaf N and puts the new tables in place. */
final class RebuildCommand extends Command
{
    protected $signature = 'tekkal:rebuild {--swap=} {--differing}';

    protected $description = 'Fill every projected table again from the ledger';

    public function handle(Rebuild $rebuild): int
    {
        if ($this->option('differing') === true) {
            $this->line(implode(' ', $rebuild->differing()));

            return self::SUCCESS;
        }
        $failed = 0;
        $tell = function (string $sentence) use (&$failed): void {
            $failed++;
            $this->error($sentence);
        };
        $swap = $this->option('swap');
        if ($swap === null) {
            ['entries' => $entries, 'leaf' => $leaf] = $rebuild->fill($tell, $this->counting());
            $this->line("$leaf $entries");
        } else {
            $this->line((string) $rebuild->swap((int) $swap, $tell));
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** @return Closure(int): void says each tenth that was read, on the other stream than the answer */
    private function counting(): Closure
    {
        $all = DB::connection('owner')->table('ledger_entries')->count();
        $told = 0;

        return function (int $read) use ($all, &$told): void {
            if ($read >= $told + max(5_000, intdiv($all, 10))) {
                $told = $read;
                fwrite(STDERR, sprintf("  %s of %s entries\n", number_format($read), number_format($all)));
            }
        };
    }
}
