<?php

declare(strict_types=1);

namespace App\Builds;

use App\Ledger\Entry;
use App\Ledger\Stream;
use App\Ledger\Tries;
use App\Record\Queries\RunHistory;
use Closure;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Run\UnreadableBody;

/**
 * Runs folded to a certain entry: from what is in hand, from the state that was kept each twenty entries, or from the ledger.
 * What is kept proves nothing: it is made again from the entries like every projected row, and verify compares it.
 */
final class RunFolds
{
    public const TABLE = 'run_snapshots';

    /** A state is kept at each so many entries of a run. */
    public const EACH = 20;

    /** Runs in hand at once, while many are read again. */
    private const MOST = 200;

    /** @var array<string, RunFold> */
    private array $inHand = [];

    /** The try at recording that they belong to. */
    private int $of = 0;

    public function __construct(private readonly Tries $tries)
    {
    }

    /** What the caller has folded, and will record in this very transaction. */
    public function keep(string $run, RunFold $fold): void
    {
        $this->forgetEarlierTries();
        unset($this->inHand[$run]);
        $this->inHand = array_slice($this->inHand, 1 - self::MOST, null, true) + [$run => $fold];
    }

    /**
     * With all entries of the run up to this one, and none after it.
     *
     * @param  Closure(): Plan  $plan  asked only where the run is not in hand
     * @param  list<Entry>  $inHand  entries of the run that need not be asked for
     */
    public function at(string $run, Closure $plan, int $seq, array $inHand = []): RunFold
    {
        $this->forgetEarlierTries();
        $fold = $this->inHand[$run] ?? null;
        $there = $fold === null ? 0 : $fold->state->seq();
        if ($fold === null || $there > $seq || ($there < $seq && $seq - $there > self::EACH)) {
            $fold = self::folded($run, $plan(), $seq);
        } elseif ($there < $seq) {
            $next = array_values(array_filter($inHand, fn (Entry $e): bool => $e->seq() > $there && $e->seq() <= $seq));
            RunHistory::apply($fold, ($next[0] ?? null)?->seq() === $there + 1 && count($next) === $seq - $there ? $next : Stream::entries(RunHistory::stream($run), $there, $seq));
        }
        $this->keep($run, $fold);

        return $fold;
    }

    public static function folded(string $run, Plan $plan, ?int $seq = null): RunFold
    {
        $kept = DB::table(self::TABLE)->where('run', $run)->when($seq !== null, fn ($q) => $q->where('seq', '<=', $seq))->first();

        return self::from($run, $plan, is_string($kept?->state) ? $kept->state : null, $seq);
    }

    /** @param  string|null  $state  what was kept of the run */
    public static function from(string $run, Plan $plan, ?string $state, ?int $seq = null): RunFold
    {
        $fold = new RunFold($plan, self::restored($state));
        RunHistory::apply($fold, Stream::entries(RunHistory::stream($run), $fold->state->seq(), $seq));

        return $fold;
    }

    private function forgetEarlierTries(): void
    {
        if ($this->of !== $this->tries->count) {
            [$this->inHand, $this->of] = [[], $this->tries->count];
        }
    }

    /** A state of another version is passed over: the entries tell it again. */
    private static function restored(?string $state): State
    {
        try {
            return $state === null ? new State : StateCodec::fromBody((array) json_decode($state, true));
        } catch (UnreadableBody) {
            return new State;
        }
    }
}
