<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Concerns;
use App\Record\Models\Run;
use App\Record\Queries\RunHistory;
use App\Shared\Refused;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Run\RunFold;

/** A run with the plan it pinned and its events folded so far. */
final readonly class RunContext
{
    /** Asked for with every reading. */
    private const WITH_PLAN = 'SELECT runs.*, revisions.document_hash, plans.plan FROM runs JOIN revisions ON revisions.id = runs.revision LEFT JOIN plans ON plans.hash = runs.plan_hash WHERE runs.id = ?';

    public function __construct(
        public Run $run,
        public Plan $plan,
        public RunFold $fold,
        public string $revisionHash,
        /** Number of the last entry that the fold has taken in; later ones may be there by the time this is read. */
        public int $lastSeq,
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
        $entries = RunHistory::entries($runId);
        $last = end($entries);

        return new self($run, $plan, RunHistory::foldEntries($entries, $plan), (string) $run->getAttribute('document_hash'), $last === false ? 0 : $last->seq());
    }

    public static function get(string $runId): self
    {
        return self::find($runId) ?? throw Refused::notFound('There is no such run.');
    }

    /** What every entry of this run is about. */
    public function concerns(?string $step = null): Concerns
    {
        return new Concerns($this->run->subject, $step, $this->revisionHash, $this->run->plan_hash);
    }
}
