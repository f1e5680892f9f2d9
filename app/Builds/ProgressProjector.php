<?php

declare(strict_types=1);

namespace App\Builds;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Library\Queries\Procedures;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\Metal;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Progress;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Schedule\Method;
use Tekkal\Core\Schedule\Methods;

/** How far each run is, for boards, hooks and lists, and its state each twenty entries, so that nothing long is folded to know it. */
final readonly class ProgressProjector implements Projector
{
    public const TABLE = 'run_progress';

    public function __construct(private RunFolds $folds)
    {
    }

    /** "Next" is advice by the rules of the day, and what is kept is kept each so often: with another version, other rows. */
    public function version(): string
    {
        return '4 '.RunFold::VERSION.' '.StateCodec::VERSION.' '.RunFolds::EACH;
    }

    public function tables(): array
    {
        return [self::TABLE, RunFolds::TABLE];
    }

    public function types(): array
    {
        return array_keys(EventTypes::all());
    }

    public function project(array $entries): void
    {
        $runs = [];
        foreach ($entries as $entry) {
            if ($entry->outcome() !== null && str_starts_with($entry->stream(), 'run/')) {
                $runs[$entry->streamId()][] = $entry;
            }
        }
        if ($runs !== []) {
            DB::table(self::TABLE)->upsert(array_values(array_map($this->run(...), $runs)), 'run');
        }
    }

    /**
     * @param  non-empty-list<Entry>  $entries  of one run
     * @return array<string, mixed>
     */
    private function run(array $entries): array
    {
        $run = $entries[0]->streamId();
        // What is said of a run by the lead names its engine only.
        $plan = fn (): Plan => Procedures::plan($entries[0]->optional('plan_hash') ?? (string) DB::table('runs')->where('id', $run)->value('plan_hash'));
        [$first, $last] = [$entries[0]->seq(), $entries[count($entries) - 1]->seq()];
        $kept = $last - $last % RunFolds::EACH;
        // Of many at once only the last is kept: each takes the place of the one before.
        if ($kept >= $first) {
            $state = $this->folds->at($run, $plan, $kept, $entries)->state;
            DB::table(RunFolds::TABLE)->upsert(['run' => $run, 'seq' => $kept, 'state' => CanonicalJson::encode(StateCodec::toBody($state))], 'run');
        }

        return self::row($run, $last, $this->folds->at($run, $plan, $last, $entries));
    }

    /** @return array<string, mixed> */
    private static function row(string $run, int $seq, RunFold $fold): array
    {
        $progress = (new Progress($fold))->toArray();

        return [
            'run' => $run, 'seq' => $seq, 'done' => $progress['done'], 'all_steps' => $progress['all'], 'finished' => $progress['finished'],
            'stopped' => $progress['stopped'], 'phase' => $fold->state->run()->is->value, 'next' => $progress['next'], 'why' => $progress['why'],
            'rounds' => CanonicalJson::encode($progress['rounds']), 'marks' => CanonicalJson::encode($progress['marks']), 'metal' => CanonicalJson::encode((new Metal($fold))->toArray()),
            'supervised' => $fold->supervision->signedBy() === null || ! $progress['finished'] ? null : implode(',', array_map(fn (Method $m): string => $m->value, Methods::of($fold->plan))),
        ];
    }
}
