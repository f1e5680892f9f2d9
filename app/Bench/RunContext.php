<?php

declare(strict_types=1);

namespace App\Bench;

use App\Builds\RunFolds;
use App\Ledger\Concerns;
use App\Record\Models\Run;
use App\Shared\Refused;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Run\RunFold;

/** A run with the plan it pinned and its events folded so far. */
final readonly class RunContext
{
    /** Asked for with every reading. */
    private const WITH_PLAN = 'SELECT runs.*, revisions.document_hash, plans.plan, run_snapshots.state FROM runs JOIN revisions ON revisions.id = runs.revision LEFT JOIN plans ON plans.hash = runs.plan_hash LEFT JOIN run_snapshots ON run_snapshots.run = runs.id WHERE runs.id = ?';

    public function __construct(
        public Run $run,
        public Plan $plan,
        public RunFold $fold,
        public string $revisionHash,
    ) {
    }

    public static function find(string $runId): ?self
    {
        $run = Run::fromQuery(self::WITH_PLAN, [$runId])->first();
        if ($run === null) {
            return null;
        }
        $bytes = $run->getAttribute('plan');
        $plan = PlanReader::fromBytes(is_string($bytes) ? $bytes : throw Refused::notFound('There is no such plan.'));

        $state = $run->getAttribute('state');
        $fold = RunFolds::from($runId, $plan, is_string($state) ? $state : null);
        // What is decided on it is recorded in this transaction: who projects that need not fold it again.
        app(RunFolds::class)->keep($runId, $fold);

        return new self($run, $plan, $fold, (string) $run->getAttribute('document_hash'));
    }

    public static function get(string $runId): self
    {
        return self::find($runId) ?? throw Refused::notFound('There is no such run.');
    }

    /** What every entry of this run is about. */
    public function concerns(): Concerns
    {
        return new Concerns($this->run->subject, $this->revisionHash, $this->run->plan_hash, $this->run->joint, $this->run->option, $this->run->risk_class);
    }
}
