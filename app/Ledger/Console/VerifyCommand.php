<?php

declare(strict_types=1);

namespace App\Ledger\Console;

use App\Ledger\Verification\Verifier;
use App\Ledger\Verified;
use Illuminate\Console\Command;

final class VerifyCommand extends Command
{
    protected $signature = 'tekkal:verify';

    protected $description = 'Read the whole record again and say what does not agree';

    public function handle(Verifier $verifier): int
    {
        $report = $verifier->run();
        foreach ([...$report->notes, ...$report->sentences()] as $sentence) {
            $this->line($sentence);
        }
        $this->line(sprintf('%d entries, %d leaves and %d projected rows read.', $report->entries, $report->leaves, $report->rows));
        $this->line($report->found === 0 ? 'Bytes, hashes, counts and projections agree. What that does not show stands in docs/proof.md.' : sprintf('%d things do not agree.', $report->found));

        Verified::note($report->found);

        return $report->found === 0 ? self::SUCCESS : self::FAILURE;
    }
}
