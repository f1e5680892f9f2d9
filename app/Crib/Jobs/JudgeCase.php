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

    /** An entry has at most 65,535 bytes; a result takes up to 600 of them. */
    private const IN_AN_ENTRY = 80;

    private const ENTRIES = 6;

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
            if ($case->state !== 'judging') {
                return false; // answered meanwhile by how the tool was found
            }
            $received = now()->utc()->format('Y-m-d\TH:i:s.u\Z');
            $results = $judge->judge(DoubtfulResults::after($case, self::ENTRIES * self::IN_AN_ENTRY));
            $last = $results[count($results) - 1] ?? null;
            $draft = fn (string $type, array $data): Draft => new Draft(Ids::next(), $type, LookBackCase::stream($case->id), null, $data);
            $drafts = array_map(function (array $some) use ($draft): Draft {
                $end = $some[count($some) - 1];

                return $draft('case_judged', ['results' => $some, 'cursor' => $end['result'].' '.$end['step'], 'cursor_at' => $end['taken_at']]);
            }, array_chunk($results, self::IN_AN_ENTRY));
            $recorder->appendAll($drafts === [] ? [$draft('case_ready', ['judged_until' => $received])] : $drafts);

            return $last !== null;
        });
    }
}
