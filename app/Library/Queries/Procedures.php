<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Models\WorkingDraft;
use App\Library\RevisionState;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Schedule\HardwareOffer;

/** Reads procedures, revisions and plans back, and says which revision is in force. */
final class Procedures
{
    public static function find(string $procedure): Procedure
    {
        return Procedure::query()->find($procedure) ?? throw Refused::notFound('There is no such procedure.');
    }

    /** @return array{string, string} names of family and joint */
    public static function names(Procedure $procedure): array
    {
        $joint = $procedure->loadMissing('atJoint.inFamily')->atJoint;

        return [$joint->inFamily->name, $joint->name];
    }

    /** @return array<mixed> */
    public static function document(string $revision): array
    {
        return CanonicalJson::decode((StoredRevision::query()->find($revision) ?? throw Refused::notFound('There is no such revision.'))->document);
    }

    /** A stored revision never changes, so one request reads each of them once. */
    public static function revision(string $revision): Revision
    {
        return once(fn (): Revision => DocumentReader::read(self::document($revision)));
    }

    public static function plan(string $hash): Plan
    {
        return once(function () use ($hash): Plan {
            $bytes = DB::table('plans')->where('hash', $hash)->value('plan');

            return PlanReader::fromBytes(is_string($bytes) ? $bytes : throw Refused::notFound('There is no such plan.'));
        });
    }

    /** The revision that was in force for a joint at a moment, of one of its procedures or of the first; null when none was. */
    public static function inForce(string $joint, CarbonImmutable $at, ?string $procedure = null): ?RevisionStatus
    {
        return self::allInForce($joint, $at)->first(fn (RevisionStatus $s): bool => $procedure === null || $s->procedure === $procedure);
    }

    /** @return Collection<int, RevisionStatus> of each hardware option of a joint, the oldest option first */
    public static function allInForce(string $joint, CarbonImmutable $at): Collection
    {
        $options = array_flip(Procedure::query()->where('joint', $joint)->get()->sortBy('created_at')->modelKeys());

        $inForce = RevisionStatus::query()->where('joint', $joint)->where('approved_at', '<=', $at->format('Y-m-d H:i:s.u'))->get()
            ->filter(fn (RevisionStatus $s): bool => $s->superseded_at === null || $s->superseded_at->greaterThan($at));

        return $inForce->reject(self::giveWay($inForce))->sortBy(fn (RevisionStatus $s): int => $options[$s->procedure] ?? PHP_INT_MAX)->values();
    }

    /**
     * What is written for a joint governs: rows of general tables give way to it.
     *
     * @param  Collection<int, RevisionStatus>  $inForce
     * @return Closure(RevisionStatus): bool
     */
    private static function giveWay(Collection $inForce): Closure
    {
        $written = $inForce->where('by_table', '')->pluck('joint')->flip();

        return fn (RevisionStatus $s): bool => $s->by_table !== '' && $written->has($s->joint);
    }

    /**
     * Which of them an engine of a variant may get, by procedure.
     *
     * @param  Collection<int, RevisionStatus>  $inForce
     * @param  string  $variant  empty where nobody has said it
     */
    public static function offer(Collection $inForce, string $variant): HardwareOffer
    {
        $for = Procedure::query()->leftJoin('variants', 'variants.id', '=', 'procedures.variant')->whereIn('procedures.id', $inForce->pluck('procedure'))->pluck('variants.name', 'procedures.id');

        return new HardwareOffer($inForce->mapWithKeys(fn (RevisionStatus $s): array => [$s->procedure => $for[$s->procedure] ?? null])->all(), $variant === '' ? null : $variant);
    }

    /**
     * The same for many joints at once, in one question: it is asked of every joint of every engine in a list.
     *
     * @param  array<string>|Builder  $joints  or a question for them
     * @return list<InForce> the oldest option first
     */
    public static function inForceAt(array|Builder $joints, CarbonImmutable $at): array
    {
        $moment = $at->format('Y-m-d H:i:s.u');
        $rows = DB::table('revision_states as s')->join('procedures as p', 'p.id', '=', 's.procedure')->leftJoin('variants as v', 'v.id', '=', 'p.variant')
            ->whereIn('s.joint', $joints)->where('s.approved_at', '<=', $moment)->where(fn ($q) => $q->whereNull('s.superseded_at')->orWhere('s.superseded_at', '>', $moment))
            ->orderBy('p.created_at')->orderBy('p.id')->get(['s.revision', 's.joint', 's.procedure', 's.letter', 's.plan_hash', 's.by_table', 'p.option', 'v.name as variant']);
        // What is written for a joint governs: rows of general tables give way to it.
        $written = $rows->where('by_table', '')->pluck('joint')->flip();

        return array_values($rows->filter(fn (stdClass $r): bool => $r->by_table === '' || ! $written->has($r->joint))
            ->map(fn (stdClass $r): InForce => new InForce($r->revision, $r->joint, $r->procedure, $r->letter, (string) $r->plan_hash, $r->option, $r->variant))->all());
    }

    /** The newest revision that is not one sent back. */
    public static function last(string $procedure): ?RevisionStatus
    {
        return RevisionStatus::query()->where('procedure', $procedure)->get()
            ->reject(fn (RevisionStatus $s): bool => $s->state === RevisionState::Returned)->sortByDesc('submitted_at')->first();
    }

    /** A, B … Z, AA: the letter of a draft under way or sent back, else the one after the last that was kept. */
    public static function nextLetter(string $procedure): string
    {
        $draft = WorkingDraft::query()->find($procedure);
        $last = self::last($procedure)?->letter;

        return $draft->letter ?? ($last === null ? 'A' : self::after($last));
    }

    private static function after(string $letter): string
    {
        $letter++;

        return $letter;
    }
}
