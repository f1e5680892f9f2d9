<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Models\FittedHardware;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Queries\Outside;
use App\Ledger\Entry;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\Procedures;
use App\Record\Models\AsideReading;
use App\Record\Models\Fitting;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\RunHistory;
use App\Record\Queries\StopsInForce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Tekkal\Core\Call\StopOrder;
use Tekkal\Core\Review\JointEvidence;
use Tekkal\Core\Review\MadeWith;

/** One joint of a build as the ledger's bytes tell it. */
final readonly class JointRecord
{
    /**
     * @param  string|null  $hardware  that is fitted, or will be
     * @param  string|null  $without  why nothing of it stands in the record
     * @param  bool  $scanned  is there a paper of it from before?
     * @param  Cited  $cited  whose record answers for it, where that is another's
     */
    private function __construct(
        public Joint $joint,
        public ?ReadProcedure $procedure,
        public ?ReadRun $run,
        public ?string $hardware,
        public ?string $without,
        public bool $scanned,
        public Cited $cited = new Cited,
    ) {
    }

    /**
     * @param  CarbonImmutable|null  $asOf  as it stood then, though it was worked at since: of a head in an engine that had left by then
     * @return list<self> in assembly order; of what has left, as it left
     */
    public static function allOf(Subject $subject, ?CarbonImmutable $asOf = null): array
    {
        $asOf ??= $subject->shipped_at;
        $stayed = ReturnedJoint::query()->with('before')->where('subject', $subject->id)->where(fn (Builder $q) => $q->where('opened', false)->when($asOf !== null, fn (Builder $r) => $r->orWhere('at', '>', $asOf)))->get()->keyBy('joint');
        $inside = self::inside($subject);
        $earlier = [];

        return array_map(function (self $record) use ($stayed, $inside, &$earlier): self {
            $carried = $inside[$record->joint->id] ?? null;
            $before = $record->run === null ? $stayed->get($record->joint->id)?->before : null;
            if ($carried !== null || $before === null) {
                return $carried ?? $record;
            }
            // Of one that stayed in that build too, the build before it answers, and so on.
            $earlier[$before->id] ??= array_column(array_map(fn (self $r): array => [$r->joint->id, $r], self::allOf($before)), 1, 0);
            $then = $earlier[$before->id][$record->joint->id] ?? $record;

            return new self($then->joint, $then->procedure, $then->run, $then->hardware, $then->without, $then->scanned, $then->cited->stayed($before));
        }, self::ownOf($subject, $asOf));
    }

    /** @return array<string, self> by joint: what is carried in a subassembly that was fitted stands in that one's record, as it was when the engine left */
    private static function inside(Subject $engine): array
    {
        $records = [];
        foreach (Fitted::in([$engine->id])[$engine->id] ?? [] as $fitted) {
            foreach (self::allOf($fitted, $engine->shipped_at) as $its) {
                $records[$its->joint->id] = new self($its->joint, $its->procedure, $its->run, $its->hardware, $its->without, $its->scanned, $its->cited->within($fitted));
            }
        }

        return $records;
    }

    /**
     * What was done at a joint of this build before it was opened again: it holds nothing any more, and stays on record.
     *
     * @return array<string, list<self>> by joint, the oldest first
     */
    public static function beforeOpening(Subject $subject): array
    {
        $opened = Run::at([$subject->id])->whereNotNull('opened_at')->orderBy('opened_at')->get();
        $joints = $opened->isEmpty() ? collect() : Joint::query()->findMany($opened->pluck('joint')->all())->keyBy('id');
        $records = [];
        foreach ($opened as $run) {
            $read = self::procedureOf($run->revision, $run->plan_hash);
            $records[$run->joint][] = new self($joints[$run->joint], $read, self::read($run, $read, true), $run->option, null, false);
        }

        return $records;
    }

    private static function procedureOf(string $revision, string $plan): ReadProcedure
    {
        return new ReadProcedure(StoredRevision::query()->findOrFail($revision), Procedures::revision($revision), Procedures::document($revision), Procedures::plan($plan));
    }

    /** @return list<self> what this build itself says of each */
    private static function ownOf(Subject $subject, ?CarbonImmutable $asOf): array
    {
        [$given, $runs] = self::worked($subject, $asOf);
        $fitted = FittedHardware::query()->where('subject', $subject->id)->get()->keyBy('joint');
        $outside = Outside::of([$subject->id])[$subject->id] ?? [];
        $joints = Joint::query()->where('family', $subject->family)->when($subject->isSubassembly(), fn (Builder $q) => $q->where('carried_in', $subject->subassembly))->get()->sortBy('assembly_order');

        return array_values($joints->map(fn (Joint $j): self => self::of($j, $given->get($j->id), $runs->get($given->get($j->id)->id ?? ''), $fitted->get($j->id), $outside[$j->id] ?? null, new ReadAs($subject->variant, $asOf)))->all());
    }

    /**
     * Jobs by joint, and runs by job. What was worked at an engine's own head went with it when that came off.
     *
     * @return array{Collection<array-key, Assignment>, Collection<array-key, Run>}
     */
    private static function worked(Subject $subject, ?CarbonImmutable $asOf): array
    {
        // What came off in this very build is not this one's any more; what came off in a later one was here as it left.
        $off = Fitting::query()->where('engine', $subject->id)->whereNull('fitted_at')->pluck('subassembly')->all();
        $its = fn (Builder $q) => $q->where('subject', $subject->id)->where(fn (Builder $r) => $r->whereNull('went_with')->orWhereNotIn('went_with', $off));
        $runs = Run::query()->where(fn (Builder $q) => $q->where($its)->orWhere('went_with', $subject->id))
            ->when($asOf !== null, fn (Builder $q) => $q->where('begun_at', '<=', $asOf)->where(fn (Builder $r) => $r->whereNull('opened_at')->orWhere('opened_at', '>', $asOf)))->orderBy('begun_at')->get()->keyBy('assignment');
        $then = $asOf === null ? $runs->where('went_with', $subject->id)->where('opened_at', null) : $runs;
        $jobs = Assignment::query()->where('subject', $subject->id)->whereNull('taken_back_at')->get()->toBase()->keyBy('joint');

        return [$jobs->merge(Assignment::query()->findMany($then->keys())->toBase()->keyBy('joint')), $runs->toBase()];
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

        return new JointEvidence($this->joint->name, $this->procedure?->plan, $this->run?->state, $this->run?->notInForce, $aside, $this->without, $this->madeWith());
    }

    private function madeWith(): MadeWith
    {
        return new MadeWith($this->stopped(), $this->procedure === null ? '' : RevisionStatus::query()->findOrFail($this->procedure->stored->id)->by_table);
    }

    /** What it was made with and is stopped: its revision, or a lot that is in. A tool is asked for by itself. */
    private function stopped(): ?string
    {
        $run = $this->run;
        $orders = $run === null ? [] : array_filter(StopsInForce::here()->orders($run->run->revision, null), fn (StopOrder $o): bool => $o->what === StopOrder::REVISION || $o->placesIn($run->fold->state) !== []);
        $says = array_map(fn (StopOrder $o): string => rtrim($o->says, '.'), $orders);

        return $says === [] ? null : implode('; ', $says);
    }

    /** @param  array{kind: string, says: string, code: string|null}|null  $outside */
    private static function of(Joint $joint, ?Assignment $given, ?Run $run, ?FittedHardware $fitted, ?array $outside, ReadAs $as): self
    {
        $at = $run->begun_at ?? CarbonImmutable::now();
        $options = Procedures::allInForce($joint->id, $at);
        $procedure = $given === null ? $fitted?->procedure : RevisionStatus::query()->findOrFail($given->revision)->procedure;
        // Which of several kits it gets nobody has said yet: no plan is its own.
        $its = $procedure ?? Procedures::offer($options, $as->variant)->proposed();
        $inForce = $options->first(fn (RevisionStatus $s): bool => $s->procedure === $its);
        $hardware = $given->option ?? $fitted->option ?? ($inForce === null ? null : Procedure::query()->find($inForce->procedure)?->option);
        $without = match (true) {
            $given !== null => null,
            $outside !== null => $outside['says'],
            $options->isEmpty() => 'it has no approved procedure, and nothing of it is recorded',
            $inForce === null && $fitted === null => 'nobody has said which hardware is fitted, and nothing of it is recorded',
            default => null,
        };
        $revisionId = $given->revision ?? $inForce?->revision;
        $scanned = ($outside['kind'] ?? '') === 'paper';
        if ($revisionId === null || ($given === null && $scanned)) {
            return new self($joint, null, null, $hardware, $without, $scanned);
        }
        $read = self::procedureOf($revisionId, $given->plan_hash ?? (string) $inForce?->plan_hash);

        return new self($joint, $read, $run === null ? null : self::read($run, $read, $inForce?->revision === $revisionId, $as->asOf), $hardware, $without, $scanned);
    }

    private static function read(Run $run, ReadProcedure $procedure, bool $wasInForce, ?CarbonImmutable $asOf = null): ReadRun
    {
        $entries = RunHistory::entries($run->id);
        $entries = $asOf === null ? $entries : array_values(array_filter($entries, fn (Entry $e): bool => $e->receivedAt() <= $asOf));
        $fold = RunHistory::foldEntries($entries, $procedure->plan);

        return new ReadRun(
            $run, $entries, $fold, $fold->freeze(),
            $wasInForce ? null : sprintf('revision %s was not in force when the run began.', $procedure->stored->letter),
        );
    }
}
