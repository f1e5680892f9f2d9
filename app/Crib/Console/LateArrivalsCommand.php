<?php

declare(strict_types=1);

namespace App\Crib\Console;

use App\Crib\Jobs\JudgeCase;
use App\Crib\Models\LookBackCase;
use App\Crib\Queries\DoubtfulResults;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Shared\Ids;
use Illuminate\Console\Command;

/** A reading that comes in late belongs into the case of its tool, closed or not: the case is opened again and judges it. */
final class LateArrivalsCommand extends Command
{
    protected $signature = 'tekkal:late-arrivals';

    protected $description = 'Open look-back cases again into which a late reading belongs';

    /** So long after it was opened a case that is still being judged may have lost its worker. */
    private const LONG_MIN = 5;

    public function handle(Recorder $recorder): void
    {
        // Whoever is still at it holds the lease, and this one goes away again.
        foreach (LookBackCase::query()->where('state', 'judging')->where('opened_at', '<', now()->subMinutes(self::LONG_MIN))->get() as $case) {
            JudgeCase::dispatch($case->id);
        }
        foreach (LookBackCase::query()->whereNot('state', 'judging')->whereNull('answered_by')->get() as $case) {
            $recorder->transaction(function () use ($case, $recorder): void {
                $recorder->lock(LookBackCase::stream($case->id));
                $late = DoubtfulResults::late($case->refresh());
                if ($late > 0 && $case->state !== 'judging') {
                    $recorder->append(new Draft(Ids::next(), 'case_reopened', LookBackCase::stream($case->id), null, ['late' => $late]));
                    JudgeCase::dispatch($case->id)->afterCommit();
                    $this->line(sprintf('Case %d: %d late.', $case->number, $late));
                }
            });
        }
    }
}
