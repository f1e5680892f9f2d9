<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Builds\Models\Assignment;
use App\Library\Models\Joint;
use App\Record\Models\Fitting;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Brought;
use Tekkal\Core\Run\Thing;

/** Fasteners and threads with the tightenings that they had in earlier builds of the same engine, or in this one before the joint was opened again. What a core brings from elsewhere nobody knows. */
final class BroughtAlong
{
    /** @return list<Thing> */
    public static function to(Subject $subject, Assignment $job, Plan $plan): array
    {
        $last = self::inThis($subject, $job) ?? self::inEarlier($subject, $job);

        return $last === null ? [] : Brought::from(RunContext::get($last->id)->fold->state, $plan, $last->option === $job->option);
    }

    /** A run whose metal went with a head or a short block brings nothing to the engine that it was worked at; to that one it does. */
    private static function inThis(Subject $subject, Assignment $job): ?Run
    {
        return Run::query()->where(fn (Builder $q) => $q->where('went_with', $subject->id)->orWhere(fn (Builder $r) => $r->where('subject', $subject->id)->whereNotNull('opened_at')->whereNull('went_with')))
            ->where('joint', $job->joint)->where('begun_at', '>=', self::gone([$subject->id], $job) ?? '1970-01-01')->orderByDesc(DB::raw('COALESCE(opened_at, finished_at)'))->first();
    }

    private static function inEarlier(Subject $subject, Assignment $job): ?Run
    {
        if ($subject->build_number === 1) {
            return null;
        }
        $builds = Lineage::builds([$subject->serial]);
        $earlier = $builds->filter(fn (Subject $s): bool => $s->build_number < $subject->build_number)->modelKeys();

        return self::gone($builds->map(fn (Subject $s): string => $s->id)->all(), $job) !== null ? null : Run::query()->whereIn('subject', $earlier)->where('joint', $job->joint)->whereNotNull('finished_at')->orderByDesc('finished_at')->first();
    }

    /**
     * When the engine last lost the metal of that joint: what is there now is not what was worked before.
     *
     * @param  array<string>  $lives  the builds of one engine
     */
    private static function gone(array $lives, Assignment $job): ?string
    {
        $joint = Joint::query()->findOrFail($job->joint);
        $removed = $joint->carried_in === '' ? null : Fitting::query()->whereIn('engine', $lives)->where('kind', $joint->carried_in)->whereNotNull('removed_at')->max('removed_at');

        return $removed === null ? null : (string) $removed;
    }
}
