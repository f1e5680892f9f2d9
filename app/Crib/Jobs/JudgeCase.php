<?php

declare(strict_types=1);

namespace App\Crib\Jobs;

use App\Crib\Models\LookBackCase;
use App\Crib\Queries\CaseJudge;
use App\Crib\Queries\DoubtfulResults;
use App\Ledger\Draft;
use App\Ledger\Lease;
use App\Ledger\LostLease;
use App\Ledger\Recorder;
use App\Shared\Ids;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Judges the results of a case again, a piece at a time; each piece is an entry, and says how far the case has come. One
 * whose worker died goes on from there when its turn comes again.
 */
final class JudgeCase implements ShouldQueue
{
    use Queueable;

    private const PIECE = 500;

    private const AGAIN_AFTER_S = 30;

    public int $timeout = 600;

    public int $tries = 100;

    public int $maxExceptions = 1;

    public function __construct(private readonly string $case)
    {
    }

    public function handle(Recorder $recorder): void
    {
        $lease = Lease::take('case/'.$this->case);
        if ($lease === null) {
            $this->release(self::AGAIN_AFTER_S);

            return;
        }
        try {
            $judge = new CaseJudge(LookBackCase::query()->findOrFail($this->case));
            while ($this->piece($judge, $lease, $recorder)) {
                continue;
            }
        } catch (LostLease) {
            // Another worker goes on with it.
        } finally {
            $lease->end();
        }
    }

    /** @return bool is there more? */
    private function piece(CaseJudge $judge, Lease $lease, Recorder $recorder): bool
    {
        return $recorder->transaction(function () use ($judge, $lease, $recorder): bool {
            $lease->renew() || throw new LostLease;
            $recorder->lock(LookBackCase::stream($this->case));
            $case = LookBackCase::query()->findOrFail($this->case);
            $received = now()->utc()->format('Y-m-d\TH:i:s.u\Z');
            $results = $judge->judge(DoubtfulResults::after($case, self::PIECE));
            $last = $results[count($results) - 1] ?? null;
            $entry = $last !== null
                ? ['case_judged', ['results' => $results, 'cursor' => $last['result'].' '.$last['step'], 'cursor_at' => $last['taken_at']]]
                : ['case_ready', ['judged_until' => $received]];
            $recorder->append(new Draft(Ids::next(), $entry[0], LookBackCase::stream($case->id), null, $entry[1]));

            return $last !== null;
        });
    }
}
