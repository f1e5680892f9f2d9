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
use Tekkal\Core\Review\JointEvidence;

/** One joint of a build as the ledger's bytes tell it. */
final readonly class JointRecord
{
    /** @param  bool  $onPaper  nothing of it is recorded here: no procedure is in force for it */
    private function __construct(
        public Joint $joint,
        public ?ReadProcedure $procedure,
        public ?ReadRun $run,
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
        $entries = $this->run->entries ?? [];

        return $entries === [] ? 0 : $entries[count($entries) - 1]->seq();
    }

    public function evidence(): JointEvidence
    {
        $aside = $this->run === null ? 0 : AsideReading::query()->where('run', $this->run->run->id)->where('disposed_at', null)->count();

        return new JointEvidence($this->joint->name, $this->procedure?->plan, $this->run?->state, $this->run?->notInForce, $aside);
    }

    private static function of(Joint $joint, ?Assignment $given, ?Run $run): self
    {
        $at = $run->begun_at ?? CarbonImmutable::now();
        $procedure = $given === null ? null : RevisionStatus::query()->findOrFail($given->revision)->procedure;
        $inForce = Procedures::inForce($joint->id, $at, $procedure);
        $onPaper = $given === null && Procedures::allInForce($joint->id, $at)->isEmpty();
        $revisionId = $given->revision ?? $inForce?->revision;
        if ($revisionId === null) {
            return new self($joint, null, null, $onPaper);
        }
        $plan = Procedures::plan($given->plan_hash ?? (string) $inForce?->plan_hash);
        $read = new ReadProcedure(StoredRevision::query()->findOrFail($revisionId), Procedures::revision($revisionId), Procedures::document($revisionId), $plan);

        return new self($joint, $read, $run === null ? null : self::read($run, $read, $inForce?->revision === $revisionId), $onPaper);
    }

    private static function read(Run $run, ReadProcedure $procedure, bool $wasInForce): ReadRun
    {
        $entries = RunHistory::entries($run->id);

        $fold = RunHistory::foldEntries($entries, $procedure->plan);

        return new ReadRun(
            $run, $entries, $fold, $fold->freeze(),
            $wasInForce ? null : sprintf('revision %s was not in force when the run began.', $procedure->stored->letter),
        );
    }
}
