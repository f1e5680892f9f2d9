<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Builds\Models\Assignment;
use App\Ledger\Entry;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\Procedures;
use App\Record\Models\AsideReading;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use Carbon\CarbonImmutable;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Review\JointEvidence;
use Tekkal\Core\Run\RunState;

/** One joint of a build as the ledger's bytes tell it. */
final readonly class JointRecord
{
    /**
     * @param  array<mixed>|null  $document
     * @param  list<Entry>  $entries
     */
    private function __construct(
        public Joint $joint,
        public ?Run $run,
        public ?StoredRevision $stored,
        public ?Revision $revision,
        public ?array $document,
        public ?Plan $plan,
        public ?RunState $state,
        public array $entries,
        private ?string $notInForce,
        /** Nothing of it is recorded here: the bench cannot carry out any procedure that is in force for it. */
        public bool $onPaper,
    ) {
    }

    /** @return list<self> in assembly order */
    public static function allOf(Subject $subject): array
    {
        $given = Assignment::query()->where('subject', $subject->id)->where('taken_back_at', null)->get()->keyBy('joint');
        $runs = Run::query()->where('subject', $subject->id)->get()->keyBy('assignment');

        return array_values(Joint::query()->where('family', $subject->family)->get()->sortBy('assembly_order')
            ->map(fn (Joint $j): self => self::of($j, $given->get($j->id), $runs->get($given->get($j->id)->id ?? '')))->all());
    }

    /** Number of the last entry that this tells of; 0 before the run. */
    public function lastSeq(): int
    {
        $last = $this->entries[count($this->entries) - 1] ?? null;

        return $last?->seq() ?? 0;
    }

    public function evidence(): JointEvidence
    {
        $aside = $this->run === null ? 0 : AsideReading::query()->where('run', $this->run->id)->where('disposed_at', null)->count();

        return new JointEvidence($this->joint->name, $this->plan, $this->state, $this->notInForce, $aside);
    }

    private static function of(Joint $joint, ?Assignment $given, ?Run $run): self
    {
        $at = $run->begun_at ?? CarbonImmutable::now();
        $procedure = $given === null ? null : RevisionStatus::query()->findOrFail($given->revision)->procedure;
        $inForce = Procedures::inForce($joint->id, $at, $procedure);
        $onPaper = $given === null && ! Procedures::allInForce($joint->id, $at)->contains(fn (RevisionStatus $s): bool => $s->at_bench);
        $revisionId = $given->revision ?? $inForce?->revision;
        if ($revisionId === null) {
            return new self($joint, null, null, null, null, null, null, [], null, $onPaper);
        }
        $planHash = $given->plan_hash ?? (string) $inForce?->plan_hash;
        $plan = Procedures::plan($planHash);
        $entries = $run === null ? [] : RunHistory::entries($run->id);
        $stored = StoredRevision::query()->findOrFail($revisionId);

        return new self(
            $joint, $run, $stored, Procedures::revision($revisionId), Procedures::document($revisionId), $plan,
            $run === null ? null : RunHistory::foldEntries($entries, $plan)->freeze(), $entries,
            $run !== null && $inForce?->revision !== $revisionId ? sprintf('revision %s was not in force when the run began.', $stored->letter) : null,
            $onPaper,
        );
    }
}
